export interface ReadyMadeSet {
  readonly title: string
  /** What it teaches to, by the course's outcomes: code and statement. */
  readonly outcome: string
  readonly category: string
  readonly text: string
}

/** Made-up sets of the invented Skarnholm Harbour School, one per outcome, to look through and copy. */
export const READY_MADE: readonly ReadyMadeSet[] = [
  {
    title: 'Distances and courses',
    outcome: 'P1.1 Measures distances and courses on the chart in nautical miles and degrees',
    category: 'Navigation/Charts',
    text: `1. On which edge of the chart are nautical miles measured?
A) on the left or right edge, at the height of the course
B) on the upper edge
C) on any edge
D) on the compass rose
Answer: A
Explanation: A minute of latitude is a nautical mile; the scale of longitude is not.
Outcome: P1.1
Tags: charts

2. A boat makes 4.5 knots for 40 minutes. How many nautical miles does it cover?
Answer: 3 ± 0.1 nautical miles
Explanation: 4.5 × 40 ÷ 60 = 3.
Outcome: P1.1
Tags: charts

3. What is the course exactly opposite to 065°, in degrees?
Answer: 245
Hint: Half a turn is 180 degrees.
Outcome: P1.1
Tags: charts

4. True or false: One knot is one nautical mile an hour.
Answer: True
Outcome: P1.1
Tags: charts

5. Which of these does a course line on the chart need? Choose two.
A) its direction in degrees
B) the speed of the wind
C) an arrow that says which way it is sailed
D) the name of the helmsman
Answer: A, C
Outcome: P1.1
Tags: charts
`,
  },
  {
    title: 'Which side to leave it',
    outcome: 'P2.1 Names buoys and the side on which they are left in region A',
    category: 'Navigation/Buoys',
    text: `1. You enter harbour in region A and see a green cone-shaped buoy. On which side do you leave it?
A) to starboard
B) to port
C) on either side
D) it marks a wreck: turn back
Answer: A
Outcome: P2.1
Tags: buoys

2. Match each cardinal mark with the side on which it is passed. (4 points)
1. north cardinal mark
2. east cardinal mark
3. south cardinal mark
4. west cardinal mark
a) west of it
b) north of it
c) south of it
d) east of it
Answer: 1-b, 2-d, 3-c, 4-a
Outcome: P2.1
Tags: buoys

3. A safe water mark has _______ stripes in red and white.
Answer: vertical / upright
Outcome: P2.1
Tags: buoys

4. True or false: A special mark is yellow.
Answer: True
Outcome: P2.1
Tags: buoys

5. Two black cones on a cardinal mark point up. Where is the safe water?
A) north of it
B) south of it
C) east of it
D) west of it
Answer: A
Explanation: Both up: north, at the top of the chart.
Outcome: P2.1
Tags: buoys
`,
  },
  {
    title: 'Lights by their character',
    outcome: 'P2.2 Tells lights by their character: flashing, occulting, isophase, quick',
    category: 'Navigation/Lights',
    text: `1. A light is lit for three seconds and dark for three seconds, over and over. What is it called?
A) isophase
B) occulting
C) flashing
D) fixed
Answer: A
Outcome: P2.2
Tags: lights

2. What does the figure in "Fl(3) 15s" before the letter s stand for?
A) the time from one group to the next
B) the height of the light
C) how far it is seen
D) the length of one flash
Answer: A
Outcome: P2.2
Tags: lights

3. How many flashes does a light marked Q(6)+LFl 15s show before its long one?
Answer: 6
Outcome: P2.2
Tags: lights

4. Put these lights in order, from the longest dark to none at all:
a) occulting
b) flashing
c) isophase
d) fixed
Answer: b, c, a, d
Outcome: P2.2
Tags: lights

5. True or false: A quick light flashes about once a second.
Answer: True
Outcome: P2.2
Tags: lights
`,
  },
  {
    title: 'Height of tide',
    outcome: 'P3.1 Finds the height of tide at a time by the tide table and the rule of twelfths',
    category: 'Tides',
    text: `1. Low water is 0.8 m and high water 4.4 m. What is the range, in metres?
Answer: 3.6 ± 0.05 m
Outcome: P3.1
Tags: tides

2. Low water is 0.8 m, the range 3.6 m. What is the height two hours after low water by the rule of twelfths, in metres?
Answer: 1.7 ± 0.05 m
Explanation: 1 + 2 twelfths of 3.6 m are 0.9 m; 0.8 + 0.9 = 1.7.
Difficulty: medium
Outcome: P3.1
Tags: tides

3. In which hours does the tide rise fastest?
A) the third and fourth
B) the first and second
C) the fifth and sixth
D) it rises evenly
Answer: A
Outcome: P3.1
Tags: tides

4. Depth at a place is the charted depth plus the _____ of tide.
Answer: height
Outcome: P3.1
Tags: tides

5. What has to be added to or taken from the tide table? Choose all that apply.
A) the difference for a secondary port
B) summer time
C) the effect of air pressure
D) the draught of the boat
Answer: A, B, C
Outcome: P3.1
Tags: tides
`,
  },
  {
    title: 'Calls on the radio',
    outcome: 'P5 Makes and answers radio calls',
    category: 'Radio and signals',
    text: `1. Which spoken word opens an urgency message?
A) Pan-pan
B) Mayday
C) Sécurité
D) Over
Answer: A
Outcome: P5
Tags: radio

2. What do you say at the end of your turn when you expect an answer?
Answer: over
Outcome: P5
Tags: radio

3. Put the parts of a distress call in order: (2 points)
a) the name of the vessel, three times
b) Mayday, three times
c) what is wrong
d) the position
Answer: b, a, d, c
Outcome: P5
Tags: radio

4. True or false: You may call a friend on channel 16 and chat there.
Answer: False
Explanation: Call there, then change to a working channel.
Outcome: P5
Tags: radio

5. How is the letter S spelled in the radio alphabet?
Answer: Sierra
Outcome: P5
Tags: radio
`,
  },
]
