/** Made-up course material of the invented Skarnholm Harbour School. */

export const BANK_TEXT = `Coastal pilotage, item bank

1. Which buoy marks the port side of the channel in region A when you enter harbour?
A) a green cone
B) a red can
C) a yellow cross
D) a black sphere
Answer: B
Explanation: In region A red is left to port on entering.
Difficulty: easy
Level: remember
Outcome: P2.1
Tags: buoys

2. A light shows two white flashes every ten seconds. How is it written on the chart?
A) Fl 10s
B) Fl(2) W 10s
C) Oc(2) 10s
D) Iso 10s
Answer: B
Difficulty: medium
Level: understand
Outcome: P2.2
Tags: lights, charts

3. Which light is dark for a shorter time than it is lit?
A) flashing
B) occulting
C) isophase
D) quick
Answer: B
Explanation: Occulting means hidden: the dark is the shorter part.
Outcome: P2.2
Tags: lights

4. True or false: A nautical mile is 1,852 metres.
Answer: True
Outcome: P1.1
Tags: charts

5. Which of these belong on a passage plan? Choose all that apply.
A) tidal heights at the bar
B) the colour of the sails
C) a safe place to turn back
D) the depth over the sill
Answer: A, C, D
Explanation: A plan holds what you need to decide, not what you can see.
Tags: charts, tides

6. The stream that runs while the water is falling is called the _____ stream.
Answer: ebb
Outcome: P3.2
Tags: tides

7. Which knot makes a fixed loop at the end of a rope?
A) clove hitch
B) bowline
C) reef knot
D) sheet bend
Answer: B
Tags: knots

8. Which knot joins two ropes of unequal thickness?
A) sheet bend
B) reef knot
C) rolling hitch
D) figure of eight
Answer: A
Tags: knots

9. Which VHF channel is kept for distress and calling?
A) 6
B) 12
C) 16
D) 72
Answer: C
Tags: radio

10. Name the spoken word that opens a distress message.
Answer: Mayday / mayday mayday mayday
Tags: radio

11. True or false: At neap tides the range is at its largest.
Answer: False
Explanation: The range is largest at springs.
Tags: tides

12. What does the abbreviation HW stand for in a tide table?
Answer: high water
Tags: tides

13. A falling barometer and a backing wind usually announce
A) a settled high
B) fog at dawn
C) an approaching depression
D) a sea breeze
Answer: C
Tags: weather

14. Which cloud brings thunder?
A) cirrus
B) cumulonimbus
C) stratus
D) altostratus
Answer: B
Tags: weather

15. Which of these make fog over the sea likely? Choose two.
A) warm moist air over cold water
B) a dry wind off the land
C) a calm, clear night near the coast
D) a fresh gale
Answer: A, C
Tags: weather

16. A north cardinal mark is passed on its
A) northern side
B) southern side
C) eastern side
D) western side
Answer: A
Tags: buoys

17. How many quick flashes does an east cardinal mark show in a group?
A) 3
B) 6
C) 9
D) it flashes without a pause
Answer: A
Tags: buoys, lights

18. True or false: An isolated danger mark is black with one or more red bands.
Answer: True
Tags: buoys

19. Depths on a chart are measured down from
A) mean sea level
B) chart datum
C) high water springs
D) the sea bed
Answer: B
Tags: charts

20. A line of position found by lining up two charted objects is called a _____.
Answer: transit / range
Tags: charts

21. Which of these show your position without electronics? Choose all that apply.
A) a bearing on a lighthouse
B) a transit
C) the colour of the water
D) a running fix
Answer: A, B, D
Tags: charts

22. Variation is the angle between
A) true north and magnetic north
B) magnetic north and compass north
C) the course and the track
D) the wind and the bow
Answer: A
Tags: charts

23. True or false: Leeway is caused by the tidal stream.
Answer: False
Explanation: Leeway is the push of the wind.
Tags: charts, tides

24. By the rule of twelfths, how much of the range does the tide rise in the third hour?
A) one twelfth
B) two twelfths
C) three twelfths
D) four twelfths
Answer: C
Explanation: The twelfths are 1, 2, 3, 3, 2, 1.
Difficulty: medium
Tags: tides

25. The short time around high or low water with hardly any stream is called slack _____.
Answer: water
Tags: tides

26. Which hitch resists a pull along the length of a pole?
A) rolling hitch
B) reef knot
C) overhand knot
D) sheet bend
Answer: A
Tags: knots

27. What is the part of a rope called that you tie the knot with?
A) standing part
B) bight
C) working end
D) whipping
Answer: C
Tags: knots

28. Which of these belong in a radio check call? Choose two.
A) the name of the station you call
B) the name of your own vessel
C) your weight
D) a distress signal
Answer: A, B
Tags: radio

29. True or false: An occulting light is dark for longer than it is lit.
Answer: False
Tags: lights

30. What letter on a chart stands for a light that is green?
A) G
B) Gn
C) Vert
D) R
Answer: A
Tags: lights, charts

31. How deep is the harbour entrance at chart datum, in metres?
Answer: 3.2 ± 0.1 m
Difficulty: medium
Tags: charts, tides

32. At springs the range is ______ than at ______.
Answer: larger / greater; neaps
Explanation: Sun and moon pull together at springs.
Tags: tides

33. Match each sound signal with its meaning. (3 points)
1. one short blast
2. two short blasts
3. three short blasts
a) I am altering my course to port
b) my engine is running astern
c) I am altering my course to starboard
d) I am at anchor
Answer: 1-c, 2-a, 3-b
Tags: signals

34. Put the steps of anchoring in order: (2 points)
a) let the anchor go
b) choose a sheltered place
c) check the bearings
d) head into the wind and stop
Answer: b, d, a, c
Tags: anchoring

35. Which colour has each light of a power vessel under way? (3 points)
| | red | green | white |
|---|---|---|---|
| port side light | x | | |
| starboard side light | | x | |
| stern light | | | x |

Tags: lights

36. Explain why a lee shore is dangerous in a gale. (4 points)
Sample answer: The wind drives the boat towards the shore, and there is no room to beat off.
Difficulty: hard
Tags: weather

37. How useful was this evening for you? (1 = not useful … 5 = very useful)

38. The flood [raises / lowers] the water, and the ebb [raises / lowers] it.
Answer: raises, lowers
Tags: tides
`

export const CLEAN_DRAFT = `Tides, week 2

1. When do spring tides come?
A) around full moon and new moon
B) only in spring
C) at half moon
D) in the afternoon
Answer: A
Explanation: Sun and moon then pull along the same line.

2. True or false: The range is the difference in height between high water and the next low water.
Answer: True

3. Which of these raise the height of the tide above the table? Choose two.
A) low air pressure
B) a strong onshore wind
C) a full water tank
D) a clear sky
Answer: A, B

4. The level from which tide tables count heights is chart _____.
Answer: datum

5. High water is at 08:10. About when is the next low water?
A) 10:10
B) 14:20
C) 20:30
D) the next morning
Answer: B
Hint: Half a tide lasts a little over six hours.
`

export const MESSY_DRAFT = `Of course! Here is a short quiz on buoys and lights for your class:

Which buoy marks the port side of the channel in region A when entering harbour?
a) a green cone
b) a red can
c) a yellow cross
d) a black sphere Answer: b) a red can

A light shows two white flashes every ten seconds. How is it written on the chart?
A. Fl 10s   B. Fl(2) W 10s   C. Oc(2) 10s
Correct answer: D

True or false: A nautical mile is 1,852 metres.
Answer: True

**Which of these marks are lit by quick flashes?** (choose all that apply)
- A) north cardinal
- B) west cardinal
- C) a withy
- D) a mooring post
**Answers: A) and B)**
*Explanation:* All cardinal marks show quick or very quick flashes.

What colour is a port hand buoy in region A?
a) red
b) green
c) red
d) yellow
Answer: a

A VHF aerial is fed at about 1.57 x 108 Hz. Which band is that?
a) long wave
b) medium wave
c) very high frequency
Answer: c

Name the light that is lit and dark for equal times.

Feel free to check your answers, and let me know if you would like more questions!
`

/** What the course is to teach: code, statement. */
export const OUTCOMES: readonly (readonly string[])[] = [
  ['code', 'statement'],
  ['P1', 'Reads and uses the chart'],
  ['P1.1', 'Measures distances and courses on the chart in nautical miles and degrees'],
  ['P1.2', 'Takes a bearing with the compass and allows for variation'],
  ['P2', 'Knows buoys and lights'],
  ['P2.1', 'Names buoys and the side on which they are left in region A'],
  ['P2.2', 'Tells lights by their character: flashing, occulting, isophase, quick'],
  ['P3', 'Reckons with the tide'],
  ['P3.1', 'Finds the height of tide at a time by the tide table and the rule of twelfths'],
  ['P3.2', 'Allows for the tidal stream, ebb and flood'],
  ['P4', 'Ties the knots of the course'],
  ['P5', 'Makes and answers radio calls'],
  ['P6', 'Judges the weather, fog and wind before leaving harbour'],
]
