using Shouldly;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>
/// Rules that show only in where one stands: after short passages, for each count the heading, the leading foot and the
/// stance. What is expected is common practice unless the words say it plainly.
/// </summary>
public class ShortPassagesTests
{
    [Theory]
    // Told after what it is of: hands, leads, turns and steps; or before it.
    [InlineData("One, left front stance, low block. Two, front stance, punch, stepping the left foot back.", "0 left front, 0 right front")]
    [InlineData("1. Left front stance, low block. 2. Punch in right front stance, turning left 90 degrees.", "0 left front, 270 right front")]
    [InlineData("1. Left front stance. 2. Rising block in right back stance, turning to six o'clock.", "0 left front, 180 right back")]
    [InlineData("Left front stance, low block. Step forward, inside block, back stance, right foot forward.", "0 left front, 0 right back")]
    [InlineData("Left front stance, low block. With a right punch, step forward with the right foot into front stance.", "0 left front, 0 right front")]
    [InlineData("The first move is a left low block: turn to your left and step out into a left front stance. The second move is a punch: step forward into right front stance.", "270 left front, 270 right front")]
    [InlineData("Left front stance, low block. Step forward; right punch; front stance.", "0 left front, 0 right front")]
    [InlineData("Left bow stance, block. Right low block as you make a quarter turn to the right into right bow stance.", "0 left bow, 90 right bow")]
    // How a step ends.
    [InlineData("Right front stance, block. Take a step forward with the left foot, sinking into front stance, punch.", "0 right front, 0 left front")]
    [InlineData("Right front stance, block. Step up with the left foot and sink into a back stance, block.", "0 right front, 0 left back")]
    [InlineData("1. Right back stance. 2. Side kick off the back leg. Land in front stance, back fist.", "0 right back, 0 left front")]
    [InlineData("1. Right front stance. 2. Front kick with the left leg and step back with it.", "0 right front, 0 right front")]
    [InlineData("1. Right back stance, block. 2. Staying there, left rising block.", "0 right back, 0 right back")]
    // Where in the hall.
    [InlineData("Left front stance, punch. Now you're facing the front. Turn right, right front stance, punch.", "0 left front, 90 right front")]
    [InlineData("Turn left, left front stance, block. Turn to face the right side of the hall, right front stance, block.", "270 left front, 90 right front")]
    [InlineData("Turn left, left front stance, block. Turn to the south, left front stance, block.", "270 left front, 180 left front")]
    [InlineData("Turn left, left front stance, block. Step. Turn back around to the right into a right front stance, block.", "270 left front, 270 right front, 90 right front")]
    [InlineData("Horse stance, punch. Turn left into a left bow stance, punch. Turn right back to horse stance, punch.", "0 none horse, 270 left bow, 0 none horse")]
    [InlineData("Look left and slide your left foot out into a left cat stance, block. Pull your left foot back to center, look right, and slide your right foot out into a right cat stance, block.", "270 left cat, 90 right cat")]
    [InlineData("Left front stance, left low block to the left. Step, right punch.", "270 left front, 270 right front")]
    [InlineData("Horse stance, block. Step forward with the right foot into a horse stance facing left and strike with the right elbow.", "0 none horse, 270 none horse")]
    [InlineData("Left front stance, block. Step out at 45 degrees to the right with the right foot, right front stance, block.", "0 left front, 45 right front")]
    // As many as there are sides.
    [InlineData("Left front stance, low block. Three steps forward with a punch each: right, left, right.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. After that right, left, right punch, stepping forward each time.", "0 left front, 0 right front, 0 left front, 0 right front")]
    // How a form closes takes no count, and ends where it began.
    [InlineData("Left front stance, low block. Right punch. Feet together, turn to the front, salute.", "0 left front, 0 left front")]
    [InlineData("One. Left front stance, low block. Two. Right foot forward, punch. Then turn to the front, left foot back, ready, and bow.", "0 left front, 0 right front")]
    [InlineData("Turn left, left front stance, low block. Left foot back, yoi.", "270 left front")]
    [InlineData("Left front stance, low block. Left foot back, and you're done.", "0 left front")]
    [InlineData("Left front stance, low block. Bring the left foot back to ready, turning to the front, and bow.", "0 left front")]
    // As filmed lessons say it: where one comes from, where one goes, what is told again.
    [InlineData("You are going to look left and step left with the left foot. Forward stance. Low block with the left hand.", "270 left front")]
    [InlineData("Turn ninety degrees left so that you look to the left wall, moving the left foot, front stance, low block.", "270 left front")]
    [InlineData("Left front stance, low block. The third move is a half turn to the right, so that you end in front stance with the right foot in front, and right low block.", "0 left front, 180 right front")]
    [InlineData("First move: left front stance, low block. Second: right foot forward, punch. Then left foot forward, punch. Then right foot forward, punch. Then left foot forward, punch. Then right foot forward, punch.", "0 left front, 0 right front, 0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("The first move is a step with the left foot into front stance with low block. Then step and punch. The third move is a step with a rising block.", "0 left front, 0 right front, 0 left front")]
    [InlineData("Three. Left front stance, low block. Now step with the right foot, punch, that's four. Five. Step, punch.", "0 left front, 0 right front, 0 left front")]
    [InlineData("Turn left, left front stance, low block. Okay, now towards the camera. Left foot, front stance, high block.", "270 left front, 0 left front")]
    [InlineData("Left front stance, low block. The second direction is to the right. Right foot forward, front stance, low block.", "0 left front, 90 right front")]
    [InlineData("To the left gate: left foot out, front stance, low block. To the front: left foot forward, high block.", "270 left front, 0 left front")]
    [InlineData("You begin facing north. Step with your left foot to the west, left front stance, low block.", "270 left front")]
    [InlineData("Turn to the left wall, left front stance, low block. Turn to the other wall, right front stance, low block.", "270 left front, 90 right front")]
    [InlineData("Left foot to the left at 45 degrees, cat stance, left block. Turn to the right forty-five degree corner, right cat stance, right block.", "315 left cat, 45 right cat")]
    [InlineData("Turn left, left front stance, low block. Around, right foot, low block.", "270 left front, 90 right front")]
    [InlineData("Turn left, left bow stance, punch. Spin around to the left, left bow stance, punch.", "270 left bow, 90 left bow")]
    [InlineData("Left front stance, low block. Okay now we do the blocks. Step with the right foot, rising block.", "0 left front, 0 right front")]
    [InlineData("In the second section we are facing the back, in a right front stance. Turn left, left foot, low block.", "90 left front")]
    [InlineData("The form goes up the hall and comes back. Left foot forward, front stance, low block.", "0 left front")]
    [InlineData("Turn left into a left cat stance with a left knife hand block. Bring the left foot back and turn to the right side, right cat stance, right knife hand block.", "270 left cat, 90 right cat")]
    [InlineData("Turn left, left back stance, double block. Look to the right, switch my weight over to the other leg so I'm in a right back stance, and I do the same thing. So double block, then punch.", "270 left back, 90 right back")]
    [InlineData("Turn your head to the left and drop your weight. Then you step out with your left foot into a front stance and low block.", "0 none ready, 270 left front")]
    [InlineData("Imagine someone punches. Left front stance, low block. He steps back, so you step right and punch.", "0 left front, 0 right front")]
    [InlineData("Turn left into a right L-stance, left inner forearm block.", "270 left l")]
    [InlineData("Step back with the left foot to three o'clock so you're facing nine o'clock, right fighting stance, right block.", "270 right step-guard")]
    // What the feet do.
    [InlineData("Right hourglass stance, punch. Cross the right foot in front of the left and turn around. Left punch.", "0 right hourglass, 180 left hourglass")]
    [InlineData("Horse stance. Step with your right foot in front of your left, twist stance, right back fist.", "0 none horse, 0 right cross")]
    [InlineData("Right front stance, low block. Drag the right foot back, right hammer fist.", "0 right front, 0 right front")]
    [InlineData("Left back stance, inside block. Bring the right foot up, double block, and switch.", "0 left back, 0 none closed, 0 none closed")]
    [InlineData("Left cat stance, block. The left foot kicks, steps down into a front stance, and you punch with the right.", "0 left cat, 0 left front")]
    [InlineData("Right front stance, punch. Step with the left foot, front kick with the right, land, right punch.", "0 right front, 0 right front")]
    [InlineData("Left front stance, low block. Front kick with the right and punch right.", "0 left front, 0 right front")]
    [InlineData("Left front stance, block down, gedan barai. Don't move your feet. Now right foot goes to the right, right front stance, low block.", "0 left front, 90 right front")]
    [InlineData("Turn one eighty clockwise, right back stance, no sorry, it's a left back stance, right inner forearm block.", "180 left back")]
    [InlineData("Left sanchin, punch. Step forward right, right... no wait, it's the left that punches: left punch.", "0 left hourglass, 0 right hourglass")]
    // A staff has ends that are no places in the hall.
    [InlineData("With the bo. Left front stance, strike. Then without stepping, the back end comes through, low strike to the knee.", "0 left front, 0 left front")]
    [InlineData("Step back with the left foot and bring the staff up to guard. Now swing the top end down for an overhead strike.", "0 right short-front, 0 right short-front")]
    // Notes in short: hours and counts in brackets, ranges, heights for blocks, letters, arrows, times of a recording.
    [InlineData("1 L ZK gedan L (9)\n2 R ZK oi tsuki R (9)\n3 180 R, R ZK gedan R (3)", "270 left front, 270 right front, 90 right front")]
    [InlineData("Move the right foot back to a left long stance, low block. [1]\nRight foot through, rising block. [2]\nStay, left reverse punch. [3]", "0 left front, 0 right front, 0 right front")]
    [InlineData("1 left front stance, low block\n2-4 rising block R L R\n5 turn left 90, low block L", "0 left front, 0 right front, 0 left front, 0 right front, 270 left front")]
    [InlineData("1. <- L FS, low block\n2. R FS, RP\n3. turn -> R FS, low block\n4. ^ L FS, low block", "270 left front, 270 right front, 90 right front, 0 left front")]
    [InlineData("0:03 left front stance, low block\n0:05 steps, punch right\n0:07 turns around to the right, low block", "0 left front, 0 right front, 180 right front")]
    [InlineData("1. Feet: left foot steps left to front stance. Hands: left low block.\n2. Feet: right foot steps through. Hands: right punch.", "270 left front, 270 right front")]
    [InlineData("Left. Low block. Forward. Punch. Turn. Low block. Forward. Punch. Front. Low block. Forward. High block.", "270 left short-front, 270 right short-front, 90 right short-front, 90 left short-front, 0 left short-front, 0 right short-front")]
    // Speech without a stop, and talk that is no move.
    [InlineData("so you start in ready then you step left foot to the left front stance low block left hand then step forward right punch right hand turn around to the right low block right hand step forward left punch left hand then left foot to the front low block left hand", "270 left front, 270 right front, 90 right front, 90 left front, 0 left front")]
    [InlineData("- what's first?\n- horse stance, fists at the waist\n- back to horse?\n- turn to the left, left bow, right punch", "0 none horse, 270 left bow")]
    [InlineData("Left front stance, low block. Same on the other side? No. Step forward, punch.", "0 left front, 0 right front")]
    [InlineData("You go to the left, then to the right, then up the middle. Left foot to the left, front stance, low block.", "270 left front")]
    [InlineData("Ingredients: one bow stance, two cat stances. Left foot to the left, bow stance, low block.", "270 left bow")]
    [InlineData("Horse stance, punch. Which stance? Still horse. Step behind with the right foot, cross stance, low block.", "0 none horse, 0 left cross")]
    [InlineData("He punches high, you step back with the right foot, left front stance, high block. He kicks, you step back with the left foot, right front stance, low block.", "0 left front, 0 right front")]
    [InlineData("Your first move, and people always get this wrong, is the left foot going straight back into a right front stance with a low block.", "0 right front")]
    // Corrections.
    [InlineData("Left back stance, knife hand. I mean it's cat stance. Step right, knife hand.", "0 left cat, 0 right cat")]
    [InlineData("Step the right foot to ten thirty, hmm, to three, right bow, low block.", "90 right bow")]
    // Numbers.
    [InlineData("Number one, left front stance, low block. Number two, step, punch. Number three, step, punch. That is the end of section one. Turn around to the right, low block. Step, punch. Step, punch. Step, punch.", "0 left front, 0 right front, 0 left front, 180 right front, 180 left front, 180 right front, 180 left front")]
    [InlineData("The first two counts go to the left: cat stance with a left open hand block, then reverse punch right in front stance. Counts three and four are the same to the right. On five, left foot to the front, back stance, knife hand.", "270 left cat, 270 left front, 90 right cat, 90 right front, 0 left back")]
    [InlineData("On one, left front stance, low block. On the second, third and fourth count you walk forward with the right, left and right foot and do a rising block with the same hand as the foot each time.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("We go left, left bow, low block. Without moving, right reverse punch. Turn around to the right, right bow, right low block, left reverse punch. Those are four counts. Left foot forward, left bow, low block.", "270 left bow, 270 left bow, 90 right bow, 90 right bow, 90 left bow")]
    [InlineData("1. Ready. 2: left cat stance, left block. 3: feet together. 4: the same to the right side: right cat stance, right block.", "0 left cat, 0 none closed, 0 right cat")]
    // Series.
    [InlineData("Left front stance, low block. Step forward with right, left, right foot, each with a high block.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Step forward three times with punches, right, left, right.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Three times forward with upper block, right left right.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Punch right, punch left, punch right, each with a step.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Right hand strikes the neck, then left hand, then right hand, each time stepping forward.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Two front kicks, right and left, each landing in front with a reverse punch.", "0 left front, 0 right front, 0 left front")]
    [InlineData("Left front stance, low block. Forward punch, forward punch, forward punch.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. High block stepping, right. High block, left. High block, right.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left foot to nine, back stance, knife hand left. Then forty-five degrees with the right, then all the way to the right side with the right one and then forty-five with the left.", "270 left back, 315 right back, 90 right back, 45 left back")]
    // Where one goes and faces.
    [InlineData("Ready. To the left, cat stance, left block. To the right, cat stance, right block.", "270 left cat, 90 right cat")]
    [InlineData("Ready. Left, walking stance, low block. Front, left foot, walking stance, low block.", "270 left walking, 0 left walking")]
    [InlineData("Left foot to the left, back stance, left knife hand. The next goes on the diagonal to the front with the right foot, knife hand.", "270 left back, 315 right back")]
    [InlineData("Step right, horse stance sideways, elbow. Look the other way, left low block in horse. Shift to left front stance, punch.", "270 none horse, 270 none horse, 180 left front")]
    [InlineData("Left foot to the left, front stance, low block. He turns back to face me, left foot forward, low block.", "270 left front, 0 left front")]
    [InlineData("Left front stance, low block. Jump and land facing the other side in left bow stance, push.", "0 left front, 180 left bow")]
    [InlineData("Left front stance, low block. Turn over the left shoulder to the right side, left low block.", "0 left front, 90 left front")]
    [InlineData("Left front stance, low block. Left foot steps across behind and you come round to the left until you face your right-hand side, left low block.", "0 left front, 90 left front")]
    [InlineData("Left foot steps up to the left front, bow stance, punch.", "315 left bow")]
    [InlineData("Right front stance, punch. Right foot goes round behind, the left hand comes back and the right hand does a low block.", "0 right front, 180 right front")]
    [InlineData("The first comes from the left: turn, left foot out, back stance, block. The second comes from the front: left foot forward, front stance, block.", "270 left back, 0 left front")]
    [InlineData("Left bow, punch. Turn on both heels to the other side, right bow, low block.", "0 left bow, 180 right bow")]
    // Feet.
    [InlineData("Right front stance, punch. Right foot back to cat stance, low block.", "0 right front, 0 right cat")]
    [InlineData("Left front stance, punch. Cat stance, block.", "0 left front, 0 left cat")]
    [InlineData("Left cat stance, block. Right reverse punch in front stance.", "0 left cat, 0 left front")]
    [InlineData("Right front stance, punch. Bring that front foot back a little, hammer fist.", "0 right front, 0 right front")]
    [InlineData("Left front stance. Open both hands, step back with the left foot, push.", "0 left front, 0 right front")]
    [InlineData("Left front stance, punch. Crescent again with the right, right block.", "0 left front, 0 right front")]
    [InlineData("Staff. Left front stance, low block. Jump forward, land on the right foot, left foot crossed behind, strike down.", "0 left front, 0 right cross")]
    [InlineData("Right bow stance, punch. Jump kick with the left, land on the left foot, right foot forward in cat stance, push.", "0 right bow, 0 left bow, 0 right cat")]
    [InlineData("Left foot to nine, back stance, block. Right side snap kick. Set the foot down and you're in back stance facing the front, left knife hand block.", "270 left back, 270 left back, 0 left back")]
    [InlineData("Drop stance on the right leg, left palm strike.", "0 left drop")]
    [InlineData("Sword. Kneel. Rise on the left knee, draw and cut. Stand, shake off.", "0 left kneeling, 0 right kneeling, 0 none ready")]
    // Parts and sides once more.
    [InlineData("Part A. Left foot out, horse stance, punch. Feet together. Part B. Right foot forward, bow stance, punch. Part C is part A facing the back.", "0 none horse, 0 none closed, 0 right bow, 180 none horse, 180 none closed")]
    [InlineData("1: left cat stance, staff block to the left. 2: same on the other side. 3: right bow stance, thrust.", "0 left cat, 0 right cat, 0 right bow")]
    [InlineData("Left stick strikes down, right stick strikes down. Step forward with the right foot and do it again the other way. Step left, low strike.", "0 none ready, 0 right short-front, 0 left short-front")]
    // Where a foot, a look or a turn goes.
    [InlineData("Look over your left shoulder and step out with the left into a left front stance, low block.", "270 left front")]
    [InlineData("Horse stance. Turn into a left bow, right punch.", "0 none horse, 270 left bow")]
    [InlineData("Left foot to the left walking stance, low block.", "270 left walking")]
    [InlineData("Left foot steps left, front stance, low block.", "270 left front")]
    [InlineData("Draw the left foot in and go to the left, back stance, inside block.", "270 left back")]
    [InlineData("Left foot goes out. You move it to the left, back stance, low block.", "270 left back")]
    [InlineData("Feet together. Step left into left bow stance, right punch.", "270 left bow")]
    [InlineData("Left foot to the left in a half moon, left front stance, low block.", "270 left front")]
    [InlineData("Left front stance. Right foot out ninety plus forty-five to the right, low block.", "0 left front, 135 right front")]
    [InlineData("Left front stance. Step to the corner, low block.", "0 left front, 45 right front")]
    [InlineData("Left front stance, low block. Diagonal right, right knife hand.", "0 left front, 45 right front")]
    [InlineData("Turn left 45, left back stance. Turn right, knife hand to the other side.", "315 left back, 90 right back")]
    [InlineData("Turn left 45, left back stance. Right foot turn, knife hand.", "315 left back, 90 right back")]
    [InlineData("Right front stance, low block. Turn to the middle, left low block.", "0 right front, 270 left front")]
    [InlineData("Turn left, left front stance, low block. Turn to the right side by going round the back, left low block.", "270 left front, 0 left front")]
    [InlineData("Horse stance. Turn left into left bow, punch. Turn back to horse, low block.", "0 none horse, 270 left bow, 0 none horse")]
    [InlineData("Horse stance. Turn left into left bow, punch. Pivot back to the centre, horse stance.", "0 none horse, 270 left bow, 0 none horse")]
    [InlineData("Left foot to the left, left cat stance. Left foot back to right foot, right foot steps right, right cat stance.", "270 left cat, 90 right cat")]
    [InlineData("Horse stance. Slide the right foot to the left and come up to left cat stance.", "0 none horse, 0 left cat")]
    [InlineData("Ready stance. Look left, step left, low block.", "270 left short-front")]
    [InlineData("Left foot forward to nine, left front stance, low block. Step forward to twelve with the left foot, low block.", "270 left front, 0 left front")]
    [InlineData("To 12: left front stance, low block. R foot goes to 3, right back stance, block.", "0 left front, 90 right back")]
    [InlineData("Front: left walking stance, low block. Turn 90 degrees right, right walking stance, low block.", "0 left walking, 90 right walking")]
    [InlineData("12 = front. Left foot to 9, left front stance, low block.", "270 left front")]
    [InlineData("Left foot steps forward to the left corner, left bow stance, push. Turn 180 degrees right, right bow stance, punch.", "315 left bow, 135 right bow")]
    [InlineData("Left cat stance facing the left corner, left block.", "315 left cat")]
    [InlineData("I start at the back of the hall with my feet together. Right foot out to the right, horse stance, both palms push.", "0 none horse")]
    [InlineData("Left bow stance, punch. Swing the body to the right, right bow stance, punch. Back to the left with a left bow stance, punch.", "0 left bow, 90 right bow, 0 left bow")]
    [InlineData("Left front stance, low block. Spin around over the left shoulder so you end facing the back in left front stance, back fist.", "0 left front, 180 left front")]
    [InlineData("Left front stance, low block. Turn around to the left, left bow stance facing nine o'clock, block.", "0 left front, 270 left bow")]
    [InlineData("Left front stance, low block. Half a turn over the right shoulder, right front stance, low block.", "0 left front, 180 right front")]
    [InlineData("Left front stance, low block. Facing the left wall, horse stance, double punch, sorry, facing the right wall.", "0 left front, 90 none horse")]
    [InlineData("Left front stance, low block. Pivot on the right foot and the left foot swings behind you two hundred and seventy degrees, left front stance, low block.", "0 left front, 90 left front")]
    [InlineData("Turn left, left back stance, both hands block. Then turn to the right, right back stance, same block with the right hand.", "270 left back, 90 right back")]
    [InlineData("Right front stance, punch. Jump, turning in the air to the left, land in horse stance, low block.", "0 right front, 270 none horse")]
    [InlineData("Hidari zenkutsu dachi, gedan barai. Migi ashi wo hiite mawatte, migi zenkutsu dachi, migi gedan barai.", "0 left front, 180 right front")]
    // Which count a step is on, and where numbers stand.
    [InlineData("Left front stance, low block, one. Step, punch, two. Turn right, right front stance, low block, three.", "0 left front, 0 right front, 90 right front")]
    [InlineData("1 thrust with the staff. Step back with the right foot. 2 low block. 3 step, strike.", "0 none ready, 0 left short-front, 0 right short-front")]
    [InlineData("1 Left foot to B, left walking stance, low block, 2 punch right, 3 right foot to B, right walking stance, punch, 4 punch left, 5 left foot to D, left walking stance, block.", "270 left walking, 270 left walking, 270 right walking, 270 right walking, 0 left walking")]
    [InlineData("Right front stance, punch. Right crescent kick, stamp down into horse stance, right elbow. Left crescent stamp, horse stance, left elbow.", "0 right front, 0 none horse, 0 none horse")]
    [InlineData("Right front stance, punch. Then he grabs your hand, so turn left, left front stance, back fist.", "0 right front, 270 left front")]
    [InlineData("Number five from our form. Feet together, bow. 1. Left front stance, low block. 2. Right punch.", "0 left front, 0 left front")]
    [InlineData("Left front stance, punch. Walk forward, left foot, right foot, and punch.", "0 left front, 0 left front, 0 right front")]
    // Which foot leads.
    [InlineData("Right front stance, punch. Low block with the right foot back.", "0 right front, 0 left front")]
    [InlineData("Left front stance, punch. Parry, weight goes to the back leg.", "0 left front, 0 left front")]
    [InlineData("Left front stance, punch. Draw back on the right leg and block high.", "0 left front, 0 left front")]
    [InlineData("Ready stance. Step forward, right knife hand block in back stance. Step, left knife hand block.", "0 right back, 0 left back")]
    [InlineData("Closed stance. Left foot to the left, right L-stance, block. Left foot back to the right foot, then right foot to the right, left L-stance, block.", "270 left l, 90 right l")]
    [InlineData("Left front stance, punch. Right front kick. Set it down forward in a front stance and punch.", "0 left front, 0 left front, 0 right front")]
    [InlineData("Left walking stance, block. Right front kick and right punch in walking stance.", "0 left walking, 0 right walking")]
    [InlineData("Right front stance, punch. Cross the right foot over, turn around, left foot forward, double block.", "0 right front, 180 left front")]
    [InlineData("Left front stance. Right foot steps back, turn 180 right, low block.", "0 left front, 180 right front")]
    [InlineData("Left front stance. Slide the left foot back half, left hammer fist.", "0 left front, 0 left front")]
    [InlineData("Left front stance. Pull the left foot back to a short stance, left hammer fist.", "0 left front, 0 left short-front")]
    [InlineData("Left front stance. The left foot slides back, hammer fist. Step through, right punch.", "0 left front, 0 left front, 0 right front")]
    [InlineData("Left front stance. The left foot slides back, hammer fist. Step through, left punch.", "0 left front, 0 right front, 0 left front")]
    [InlineData("Left front stance, low block. Mawatte, right low block.", "0 left front, 180 right front")]
    [InlineData("Horse stance. Shift right, right bow stance, left palm strike.", "0 none horse, 90 right bow")]
    [InlineData("Left bow stance. Shift into right bow stance, left punch.", "0 left bow, 180 right bow")]
    [InlineData("Left front stance. Front kick, set it down in front, horse stance sideways, right elbow.", "0 left front, 270 none horse")]
    [InlineData("Left front stance. Right knee, land right foot forward, right elbow.", "0 left front, 0 right front")]
    [InlineData("Left front stance. Right knee comes up, right hand covers, step down in front and punch.", "0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Left cat stance, palm block. Left foot forward, palm strike.", "0 left front, 0 left cat, 0 left front")]
    [InlineData("Left front stance, low block. Left cat stance, palm block. Front leg kick, down, punch.", "0 left front, 0 left cat, 0 left front")]
    // What steps, and how often.
    [InlineData("1. L front stance, L low block\n2. R punch\n3. L punch\n4. R punch", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Right rising block. Left rising block. Right rising block.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Right punch. Left punch.", "0 left front, 0 left front, 0 left front")]
    [InlineData("Left front stance, low block. Up the middle with three rising blocks.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Rising block three times up the middle.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Step, punch. Turn left, low block. Three punches.", "0 left front, 0 right front, 270 left front, 270 right front, 270 left front, 270 right front")]
    [InlineData("Left front stance, low block. Step, punch. Turn left, low block. Three punches on the spot.", "0 left front, 0 right front, 270 left front, 270 left front")]
    [InlineData("Step out into horse. Two punches, left then right.", "0 none horse")]
    [InlineData("Left front stance. Turn one eighty right, right knife hand block, back stance. And left.", "0 left front, 180 right back, 180 left back")]
    [InlineData("Turn left, left back stance, block. Step, punch. Turn to the right, step the right foot to the right, back stance, and do both of those the other way around.", "270 left back, 270 right back, 90 right back, 90 left back")]
    [InlineData("Left front stance, low block. Right lunge punch, left lunge punch, right lunge punch, kiai.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. I don't move my feet and punch.", "0 left front, 0 left front")]
    [InlineData("Left bow, right palm. Step right, bow, left palm.", "0 left bow, 0 right bow")]
    [InlineData("Feet together, salute, right fist against left palm. Left bow, punch.", "0 left bow")]
    [InlineData("Left bow, punch. Right kick. Then the same thing to the right, all the way through from one.", "0 left bow, 0 left bow, 0 right bow, 0 right bow")]
    // Counts told in other ways.
    [InlineData("Horse stance. Punch left, punch right, that's one and two. Left front stance, low block.", "0 none horse, 0 none horse, 0 left front")]
    [InlineData("Yol. Left front stance, low block. Yol hana. Right foot forward, punch. Yol dul. Left foot forward, punch.", "0 left front, 0 right front, 0 left front")]
    [InlineData("14. Left front stance, low block. Fifteen, sixteen, seventeen, right, left and right lunge punches.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("1st move, left front stance, low block. 2nd move, right reverse punch.", "0 left front, 0 left front")]
    [InlineData("Three. Left front stance, low block, four, reverse punch.", "0 left front, 0 left front")]
    [InlineData("Moves 5 and 6: left front stance, low block; right foot forward, punch.", "0 left front, 0 right front")]
    [InlineData("The first line is three lunge punches. Right foot, right punch. Left foot, left punch.", "0 right short-front, 0 left short-front")]
    [InlineData("This pattern opens with a stamp. Left foot stamps. Right punch.", "0 none ready")]
    [InlineData("- Left front stance; low block\n- R front kick; land R front stance; R punch\n- L front kick; land L front stance; L punch", "0 left front, 0 right front, 0 left front")]
    [InlineData("move one step right front stance low block. move two strike left. move three step left front stance punch", "0 right front, 0 right front, 0 left front")]
    [InlineData("Yeolhana: left front stance, low block. Yeoldul: right foot forward, punch. Yeolset: left foot forward, punch.", "0 left front, 0 right front, 0 left front")]
    // The letters of a floor diagram.
    [InlineData("Move the left foot to E, left walking stance, low block.", "90 left walking")]
    [InlineData("Left walking stance. Move the left foot to CF, left walking stance toward CF, low block.", "0 left walking, 225 left walking")]
    [InlineData("Left walking stance. Move the right foot to D, turning counter-clockwise to form a right walking stance toward D, punch.", "0 left walking, 0 right walking")]
    [InlineData("Move the left foot to D, right L-stance toward D, punch. Right foot to left foot then left foot to C, right L-stance toward C, punch.", "0 left l, 180 left l")]
    [InlineData("Left walking stance toward C. Right foot back to D, right L-stance toward C, back fist.", "180 left walking, 180 left l")]
    // Feet that come home and go on.
    [InlineData("Left foot to the left, left L-stance. Bring the left foot back to the right and go to the right side, the other L-stance.", "270 left l, 90 right l")]
    [InlineData("Left foot to the left, left L-stance. Left foot back in to the right and step out right, low block.", "270 left l, 90 right l")]
    [InlineData("Left L-stance. Left punch, fixed stance.", "0 left l, 0 left fixed")]
    [InlineData("Left front stance, low block. Left foot comes up, left inside block.", "0 left front, 0 none closed")]
    [InlineData("Left front stance, low block. Left foot in, step out right, horse stance.", "0 left front, 0 none horse")]
    [InlineData("Bending ready stance, standing on the left leg. Right side kick.", "0 left bending-ready, 0 left bending-ready")]
    [InlineData("Left foot up to the right, stand on the right leg, side kick.", "0 right crane")]
    [InlineData("Horse stance. Left foot behind the right, cross stance, low block.", "0 none horse, 0 right cross")]
    [InlineData("Right front stance. Draw the right foot in half way, hammer fist. Step left, left punch.", "0 right front, 0 right short-front, 0 left front")]
    // Turns.
    [InlineData("Turn left, left front stance, low block. Step, punch. Turn to the right, low block.", "270 left front, 270 right front, 90 right front")]
    [InlineData("Feet together. Right foot to the right, right bow. Turn left, left bow, right punch.", "90 right bow, 270 left bow")]
    [InlineData("Turn left, left cat stance, palm block. Right cat stance to the other side, palm block.", "270 left cat, 90 right cat")]
    [InlineData("Left: left front stance, low block. To the right: right front stance, low block.", "270 left front, 90 right front")]
    [InlineData("Turn left, left front stance, low block. Left foot to the middle, low block.", "270 left front, 180 left front")]
    [InlineData("Start facing the door. Turn left, left front stance, low block. Left foot to the door, front stance, punch.", "270 left front, 0 left front")]
    [InlineData("Turn left 45, left back stance, low block. Right foot to the other diagonal, right back stance, low block.", "315 left back, 45 right back")]
    [InlineData("Left front stance, low block (90° left).", "270 left front")]
    [InlineData("Turn left, left front stance. Round to the other side, low block.", "270 left front, 90 left front")]
    [InlineData("Hourglass stance, right foot forward. The left foot crosses over in front, turn 180 right, block.", "0 right hourglass, 180 right hourglass")]
    // Kicks.
    [InlineData("Left front stance. Right front kick, front stance, low block.", "0 left front, 0 right front")]
    [InlineData("Left cat stance. Right front kick, cat stance, inside block.", "0 left cat, 0 left cat")]
    [InlineData("Right front stance. Right leg pulls back to cat, then front kick with it and lands back in cat.", "0 right front, 0 right cat")]
    [InlineData("Left front stance. Right front kick, jump into cross stance, back fist.", "0 left front, 0 left front, 0 right cross")]
    [InlineData("Left front stance. Right front kick and step forward, left punch. Left front kick, step forward, right punch.", "0 left front, 0 right front, 0 left front")]
    [InlineData("Left back stance. Front leg side kick, and we land in front stance.", "0 left back, 0 left front")]
    [InlineData("Left bow stance. Right front kick. Right foot comes down, turn left, horse stance.", "0 left bow, 0 left bow, 270 none horse")]
    [InlineData("Kneel on the left knee. Stand up and front kick with the left leg, it lands behind.", "0 right kneeling, 0 right short-front")]
    [InlineData("Left bow stance. Front kick, retract and step behind, so still left bow.", "0 left bow, 0 left bow")]
    [InlineData("Left fighting stance. Jab. Lead knee, put it down behind. Rear front kick, land in front.", "0 left step-guard, 0 right step-guard, 0 left step-guard")]
    [InlineData("Horse stance. Left crane on the right leg, hooks.", "0 none horse, 0 right crane")]
    [InlineData("Left front stance, and you drop a low block.", "0 left front")]
    // Weight, and feet that only come nearer or go back.
    [InlineData("Horse stance. Shift the weight to the right leg, turning left into a back stance, left block.", "0 none horse, 270 left back")]
    [InlineData("Left front stance. Weight forward to the left leg, right foot steps up, cat stance.", "0 left front, 0 right cat")]
    [InlineData("Horse stance. Right foot draws in, left leg becomes the cat stance.", "0 none horse, 0 left cat")]
    [InlineData("Horse stance. Draw the right foot back to six o'clock, back stance, left knife hand block.", "0 none horse, 0 left back")]
    [InlineData("Left fighting stance. Pull back the right foot, cat stance, block.", "0 left cat")]
    [InlineData("Ready. Left foot goes straight left, left cat stance, block.", "270 left cat")]
    [InlineData("Left front stance. Move the left foot to close, low block.", "0 left front, 0 none closed")]
    [InlineData("Left front stance, low block. The right foot forward to the left. Step left, punch.", "0 left front, 0 none closed, 0 left short-front")]
    [InlineData("Cha bu, the left foot steps behind, low block.", "0 right covered-step")]
    [InlineData("Feet together. Right foot steps back half a step, left foot empty, left palm strike.", "0 left cat")]
    [InlineData("Left front stance, low block. Step back left foot, step back right foot, guard.", "0 left front, 0 right front, 0 left front")]
    // The stance of a punch without a step.
    [InlineData("Step left, left back stance, block. Step, left back stance, block. Step, right back stance, block. Left punch, front stance.", "270 left back, 270 left back, 270 right back, 270 right front")]
    [InlineData("Left back stance, block. Shift into front stance, right punch. Turn right 180, right back stance, block. Shift forward, left punch.", "0 left back, 0 left front, 180 right back, 180 right front")]
    [InlineData("Left back stance, block. Step, right, same. Step, left, same.", "0 left back, 0 right back, 0 left back")]
    // Back to where one was, corners, the other side.
    [InlineData("Horse stance. Turn to the left corner, left bow, punch. Turn to the right corner, right bow, punch. Come back to the middle, horse stance, double punch.", "0 none horse, 315 left bow, 45 right bow, 0 none horse")]
    [InlineData("Horse stance. Turn the hips to the left, front stance, elbow. Turn back, horse stance, left back fist.", "0 none horse, 270 left front, 0 none horse")]
    [InlineData("Ready. Left foot to the left, left back stance, left block. Bring the left foot back, look right, right foot out, back stance, right block.", "270 left back, 90 right back")]
    [InlineData("Ready. Left foot to the left, left back stance, left block. Bring the left foot back, look right, and step out with the right foot, back stance, right block. Right foot back to the middle. Left foot forward, front stance, punch.", "270 left back, 90 right back, 0 none closed, 0 left front")]
    [InlineData("Left foot to the left, left walking stance, left rising block. Right front kick, land in front. Turn right, right rising block.", "270 left walking, 270 right walking, 90 right walking")]
    [InlineData("Left back stance, block. Bring the left foot back, right foot to the west, right front stance, block.", "0 left back, 270 right front")]
    [InlineData("Left foot west, left front stance, low block. Right foot north, punch. Turn left south, low block.", "270 left front, 0 right front, 180 left front")]
    [InlineData("Left front stance. Shift back, straddle stance facing sideways, low block.", "0 left front, 90 none horse")]
    [InlineData("Left front stance, low block. Pull the left foot back to the right foot, and step out the other way with the right foot, back stance, block.", "0 left front, 180 right back")]
    [InlineData("Ready. Left foot left, left cat stance, left block. Twist to the right, right cat stance, right block.", "270 left cat, 90 right cat")]
    [InlineData("Turn left 45, left back stance. Turn back the other way to the right, right back stance, block.", "315 left back, 90 right back")]
    [InlineData("You've just landed in the right front stance facing the back. Turn left, so left foot moves to three o'clock, front stance, block.", "90 left front")]
    [InlineData("Turn left, left front stance. Left foot comes back to the front, front stance, left rising block.", "270 left front, 0 left front")]
    [InlineData("Left foot to the left, walking stance, low block. Step with the right foot to the left, walking stance, punch.", "270 left walking, 270 right walking")]
    [InlineData("Left front stance. Turn left around, left front stance, low block.", "0 left front, 180 left front")]
    [InlineData("Left foot left, back stance, block. Left foot front, front stance, punch.", "270 left back, 0 left front")]
    [InlineData("Right front stance, low block. Pull back the right foot a bit and hammer fist. Step forward, left punch.", "0 right front, 0 right front, 0 left front")]
    // How one stands before anything is done, and after everything is.
    [InlineData("Hands up on guard, left foot in front. Step right, punch.", "0 right step-guard")]
    [InlineData("Sword. Attention. The right hand takes hold. Step forward with the right foot and cut.", "0 right short-front")]
    [InlineData("Left front stance, low block. Step forward, punch. Turn to the front and bow.", "0 left front, 0 right front")]
    // Repeats.
    [InlineData("Left bow stance, right punch. Right kick. Then do the same on the other side, beginning from one.", "0 left bow, 0 left bow, 0 right bow, 0 right bow")]
    [InlineData("Left front stance, low block. Turn left 90, left back stance, left block. The same on the other side, so you turn 135 to the right.", "0 left front, 270 left back, 45 right back")]
    [InlineData("One: left front stance, low block. Two: step, left punch. Three: twice more, alternating. Five: low block.", "0 left front, 0 right front, 0 left front, 0 right front, 0 right front")]
    [InlineData("Left front stance, low block. Step, right low block. Left foot again, same thing.", "0 left front, 0 right front, 0 left front")]
    [InlineData("One: left front stance, low block. Two: hold, and breathe out. The right foot comes to the left, bow.", "0 left front, 0 left front")]
    [InlineData("Front stance. Step, punch. Step, punch. Half turn to the left, low block. Same thing all over again in this direction.", "0 left front, 0 right front, 0 left front, 180 left front, 180 left front, 180 right front, 180 left front")]
    [InlineData("One. Turn left, left back stance, block. Two. Turn to the right, back stance, the same on this side. Three. Punch.", "270 left back, 90 right back, 90 right back")]
    [InlineData("Step left into horse stance, left block. Right punch. Left foot back to ready stance. Same on the right.", "0 none horse, 0 none horse, 0 none horse, 0 none horse")]
    [InlineData("One: left back stance, block. Two: punch. Now the other side. Three: right back stance, block.", "0 left back, 0 left back, 0 right back")]
    // Told after.
    [InlineData("Left front stance, left low block, to the left. Step, right punch.", "270 left front, 270 right front")]
    [InlineData("1 L low block (left)\n2 R punch\n3 R low block (turn around)\n4 L low block to front\nAll in long stance.", "270 left front, 270 right front, 90 right front, 0 left front")]
    [InlineData("Left back stance, knife hand. Then right knife hand at forty-five to the right, and left knife hand at forty-five left.", "0 left back, 45 right back, 0 left back")]
    [InlineData("Left front stance, low block. Rising block three times stepping, kiai on the third.", "0 left front, 0 right front, 0 left front, 0 right front")]
    // Where the weight is.
    [InlineData("Drop back with the right leg, sinking the weight onto it, left block.", "0 left back")]
    [InlineData("Left bow stance, left push. Right foot half a step up, sit back, empty stance, guard.", "0 left bow, 0 left cat")]
    [InlineData("Ready stance. Look to the right, don't rush. Right foot moves, back stance, right knife hand.", "90 right back")]
    [InlineData("Horse stance, block. Turn left, left front stance, right elbow. Look to the other side, weight over, right front stance, left elbow.", "0 none horse, 270 left front, 90 right front")]
    [InlineData("Horse stance, block. Twist to the right into a bow stance, punch. Come back to horse once more and punch.", "0 none horse, 90 right bow, 0 none horse")]
    // Which foot.
    [InlineData("Left front stance, block. The front foot, the left, goes to nine o'clock, front stance, low block.", "0 left front, 270 left front")]
    [InlineData("Ready. Jump forward, land on the right foot with the left crossed behind, cross stance, back fist.", "0 right cross")]
    [InlineData("Left cat stance, block. Left front kick, set it down in front stance, punch. Step, right cat stance, block. Same kick with the right, step down, left reverse punch.", "0 left cat, 0 left front, 0 right cat, 0 right front")]
    [InlineData("Left front stance, low block. Turn left one eighty, left foot ahead, in a cat stance, guard.", "0 left front, 180 left cat")]
    [InlineData("Left front stance, low block. Right foot back, horse stance, left side on, strike.", "0 left front, 90 none horse")]
    // Where to.
    [InlineData("Left front stance, low block. Turn right about, right front stance, thrust.", "0 left front, 180 right front")]
    [InlineData("Left front stance facing nine o'clock, low block. Move the right foot back and turn clockwise to face the other direction, right front stance, low block.", "270 left front, 90 right front")]
    [InlineData("Horse stance, block. Jump and turn left, left front stance, low block.", "0 none horse, 270 left front")]
    [InlineData("You're facing the back wall in left front stance. Right foot forward, right front stance, punch.", "180 right front")]
    // Which counts.
    [InlineData("Part one, left foot back, right front stance, block. Part two, right cat stance, low block. Part three, right foot out, front stance, punch.", "0 right front, 0 right cat, 0 right front")]
    [InlineData("First, left front stance, low block. Second, third and fourth are right, left and right lunge punches.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, block. Turn right, right front stance, another low block, and step, punch.", "0 left front, 90 right front, 90 left front")]
    [InlineData("Left front stance, block. Right foot forward, same thing, right side.", "0 left front, 0 right front")]
    // The same by another name, hands of a sentence of their own.
    [InlineData("Left walking stance. Right walking stance, low block, najunde bakat palmok makgi.", "0 left walking, 0 right walking")]
    [InlineData("Left front stance. Front kick, ap chagi, land in front.", "0 left front, 0 right front")]
    [InlineData("Horse stance, right middle block. Left hand low block, right arm middle block, then switch them.", "0 none horse, 0 none horse, 0 none horse")]
    [InlineData("Left front stance, low block, then without moving the feet turn the hand over, rising block.", "0 left front, 0 left front")]
    [InlineData("Horse stance. Left hand hook punch... sorry, right hand hook punch across to the left.", "0 none horse")]
    [InlineData("Left front stance. Right inside block in place. No wait, left inside block, the other hand.", "0 left front")]
    [InlineData("Horse stance. Right outside block, turned to the left. Left hook punch.", "0 none horse, 0 none horse")]
    // Feet brought in, shifted, set down; a stance turned into with the feet kept.
    [InlineData("Horse stance. Bring the right foot in and step back with the left foot, horse stance, low block.", "0 none horse, 0 none horse")]
    [InlineData("Right front stance, punch. Now shift your right foot back into a cat stance, right knife hand.", "0 right front, 0 right cat")]
    [InlineData("Horse stance. Shift to the left, bow stance, right fist punches across.", "0 none horse, 270 left bow")]
    [InlineData("Horse stance. Stand up into right bow stance, thrust.", "0 none horse, 90 right bow")]
    [InlineData("Left front stance. Right foot turns out, left foot steps back, cat stance.", "0 left front, 0 right cat")]
    [InlineData("Right front stance, punch. Front leg front kick, that's the right, and set it down into front stance, left reverse punch.", "0 right front, 0 right front")]
    [InlineData("Horse stance. We raise the right knee into crane stance. Set the right foot down in front, cat stance, double palms.", "0 none horse, 0 left crane, 0 right cat")]
    [InlineData("Ready. The left foot slides in to the right foot, then it steps forward at a forty five degree angle to the left, front stance, block.", "315 left front")]
    [InlineData("Left back stance, block. Right punch slipping into fixed stance, left foot slides forward.", "0 left back, 0 left fixed")]
    [InlineData("Horse stance. The left leg crosses behind, back fist. Uncross with the right foot stepping right, horse, left punch.", "0 none horse, 0 right cross, 0 none horse")]
    [InlineData("Left front stance. Right knee up and a low right kick, step down behind. Left reverse punch.", "0 left front, 0 left front, 0 left front")]
    [InlineData("Left front stance. Right front kick to the head and step back with it. Left punch.", "0 left front, 0 left front, 0 left front")]
    [InlineData("Left front stance, punch. Right front kick, then two punches as you land, right left.", "0 left front, 0 right front")]
    [InlineData("Left bow stance. Kick with the right foot, left fist punches. Drop the right foot in front, horse stance, turn the body left, right punch.", "0 left bow, 0 left bow, 270 none horse")]
    [InlineData("Left front stance, punch. Drop to the right knee. Stand up, stepping the left foot back, rising block.", "0 left front, 0 left kneeling, 0 right short-front")]
    // Where one goes, told in a hall's words.
    [InlineData("You begin in choon bi. From choon bi you look left, and you step into a left walking stance, low block.", "270 left walking")]
    [InlineData("One, from ready, step left, left front stance, rising block, facing the same way. Two, reverse punch.", "0 left front, 0 left front")]
    [InlineData("Left foot to the left, front stance, low block. Left foot to the front, front stance, block. Turn left, left front stance, low block. Turn to the back, left front stance, low block.", "270 left front, 0 left front, 270 left front, 180 left front")]
    [InlineData("Ready. Step back with the left foot at 45, horse stance, low block. Step back with the right foot to the other forty-five, horse stance, low block.", "315 none horse, 45 none horse")]
    [InlineData("Ready. The head turns left, the left foot slides to the left into a right back stance, guarding block.", "270 left back")]
    [InlineData("Step left, cat stance, block. Second direction, the right. Pull the left foot back, step out right into a cat stance, block.", "0 left cat, 90 right cat")]
    [InlineData("Ready. To your left, walking stance, left leg forward, low block. To the front with the left leg, front stance, knife hand.", "270 left walking, 0 left front")]
    [InlineData("Left front stance, low block. Somebody behind you grabs, so you turn, right foot moving, one eighty, and right low block.", "0 left front, 180 right front")]
    [InlineData("Ready. Look right and drop into a front stance, low block.", "90 right front")]
    [InlineData("We left off facing the back in a right front stance. Pivot on the right foot, ninety degrees left, left foot moves, back stance, block.", "90 left back")]
    [InlineData("Ready. Hidari sokumen, hidari kokutsu dachi, haiwan uke.", "270 left back")]
    [InlineData("Left front stance, block. Pivot to face the right wall, right front stance, block. Turn to shomen, hidari zenkutsu dachi, block.", "0 left front, 90 right front, 0 left front")]
    // Rows that go somewhere.
    [InlineData("Left front stance, low block. Then up the middle: rising block right, rising block left, rising block right.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Punch, punch, punch going forward, right, left, right.", "0 left front, 0 right front, 0 left front, 0 right front")]
    [InlineData("Left front stance, low block. Step, right punch. And one more left punch, stepping.", "0 left front, 0 right front, 0 left front")]
    [InlineData("First thing, left front stance, low block. Second thing, right hand middle punch, no step. Third, step, punch.", "0 left front, 0 left front, 0 right front")]
    // How it opens and closes.
    [InlineData("Fighting stance, left foot forward. Right round kick, land in front.", "0 right step-guard")]
    [InlineData("Bo. Grip with the right hand behind, left hand in front, and start in left cat stance. Slide forward, left front stance, thrust.", "0 left front")]
    [InlineData("Everybody stands facing me, hands down. Left front stance, low block.", "0 left front")]
    [InlineData("Ready. Left low block, stepping to the left into front stance.", "270 left front")]
    [InlineData("Parallel stance. Left front stance, low block. Step, right punch. And we finish, left foot back to parallel stance.", "0 left front, 0 right front")]
    [InlineData("Turn left, left front stance, low block. Step, punch. And turn left back to ready.", "270 left front, 270 right front")]
    [InlineData("Bo. Left front stance, strike. Step right, strike. Bring the left foot up, staff to your right side, bow.", "0 left front, 0 right front")]
    [InlineData("One, left front stance, low block. Two, shout. Then feet together.", "0 left front, 0 left front")]
    // Weapons held so, drawn there, swung round.
    [InlineData("Bo. Left front stance, strike. Then pull the staff to the left hip and step the right foot through, front stance, thrust.", "0 left front, 0 right front")]
    [InlineData("Bo. Left front stance, strike. Swing the bo round and step in with the right foot, strike down.", "0 left front, 0 right front")]
    [InlineData("Two sai. Step to the left with the left foot, horse stance, both sai cross low in front of you. Open them out to the sides. Turn to the left, left front stance, left sai blocks down.", "0 none horse, 270 left front")]
    [InlineData("Jo. Right front stance, strike. Cross step in with the left foot behind, sweep. Turn half around over your left shoulder, now left foot is in front, high block.", "0 right front, 0 right cross, 180 left front")]
    public void A_short_passage_leads_where_it_says(string words, string expected)
    {
        var said = Samples.Say(words);
        var reading = Samples.ReadingOf(said.Form);
        var counts = Enumerable.Range(0, reading.Counts.Length).Where(i => reading.Counts[i] > 0 && (i + 1 == reading.Counts.Length || reading.Counts[i + 1] != reading.Counts[i])).Select(i => reading.Walk.Postures[i]);
        string.Join(", ", counts.Select(p => $"{p.Heading.Degrees} {p.Lead?.Word ?? "none"} {p.Stance.Value.Replace("-stance", "")}")).ShouldBe(expected);
        said.Unread.ShouldBeEmpty();
    }

    [Theory]
    [InlineData("Pattern with 16 movements. Left front stance, low block.", 16)]
    [InlineData("The kids' version has twelve moves. Move 1: left front stance, low block.", 12)]
    [InlineData("Left front stance. Three steps forward.", null)]
    [InlineData("Left front stance, low block. Ten punches.", null)]
    public void The_number_of_counts_that_a_form_is_said_to_have_is_declared(string words, int? declared) => Samples.Say(words).Form.DeclaredCounts.ShouldBe(declared);

    /// <summary>A teacher who says how many counts there are is told where they do not come out.</summary>
    [Fact]
    public void A_declared_number_that_is_not_met_is_a_finding() =>
        Samples.ReadingOf("A form with five moves. Left front stance, low block. Right foot forward, punch.").Findings.ShouldContain(f => f.Rule.Contains("total") || f.Rule.Contains("count") || f.Rule.Contains("declared"));

    /// <summary>Ten and one to nine, and the tens, as they are called in the hall in four languages. Recalled from memory; each is said as a count.</summary>
    [Theory]
    [InlineData("ichi ni san shi go roku shichi hachi ku", "ju")]
    [InlineData("hana dul set net dasot yosot ilgop yodol ahop", "yol")]
    [InlineData("yi er san si wu liu qi ba jiu", "shi")]
    public void Count_words_above_ten_are_read(string ones, string ten)
    {
        var words = ones.Split(' ');
        for (var i = 0; i < words.Length; i++)
        {
            var said = $"{words[0]}, left front stance. {ten} {words[i]}, low block.";
            var form = Samples.Say(said);
            form.Unread.ShouldBeEmpty(said);
            form.Form.Moves.Count.ShouldBe(2, said);
        }
    }

    /// <summary>Lines of a list do not run into each other; a text wrapped at its width does.</summary>
    [Fact]
    public void A_line_is_wrapped_only_where_the_next_word_had_no_room()
    {
        const string List = "left foot forward, front stance, left low block, slowly\nright foot forward, front stance, right punch, fast, kiai\nleft foot forward, front stance, left punch";
        Samples.ReadingOf(List).TotalCounts.ShouldBe(3);
        const string Wrapped = "The left foot goes forward into a front stance with a low\nblock of the left hand, and then the right foot goes forward\ninto a front stance with a punch of the right hand.";
        Samples.ReadingOf(Wrapped).TotalCounts.ShouldBe(Samples.ReadingOf(Wrapped.Replace('\n', ' ')).TotalCounts);
    }

    /// <summary>The words with which a sentence begins are marked as those of its own move.</summary>
    [Fact]
    public void A_limb_that_begins_a_sentence_belongs_to_its_move()
    {
        const string Words = "Left front stance, low block. Right foot forward, punch.";
        var said = Samples.Say(Words);
        said.Fields.Where(f => f.Start >= Words.IndexOf("Right", StringComparison.Ordinal)).ShouldAllBe(f => f.Move == said.Added[1]);
    }
}
