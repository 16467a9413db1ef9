/**
 * How large numbers and names are where a dozen versions stand on one screen, in hundredths of its height; the best last. A
 * screen takes the last of a list with which everything fits whole.
 */

/** In lists that people pace a figure comes before the largest letters: who forgot the movement needs it more. */
export const LIST_LETTERS: { numbers: string; names: string; besides: string; figures: boolean }[] = [
  { numbers: '2.5vh', names: '2.5vh', besides: '1.8vh', figures: false },
  { numbers: '3.6vh', names: '2.9vh', besides: '2.5vh', figures: false },
  { numbers: '4.3vh', names: '2.9vh', besides: '2.5vh', figures: false },
  { numbers: '5vh', names: '2.9vh', besides: '2.5vh', figures: false },
  { numbers: '5vh', names: '3.6vh', besides: '2.5vh', figures: false },
  { numbers: '7vh', names: '3.6vh', besides: '2.5vh', figures: false },
  { numbers: '7vh', names: '4.3vh', besides: '2.5vh', figures: false },
  { numbers: '7vh', names: '5vh', besides: '2.5vh', figures: false },
  { numbers: '5vh', names: '2.9vh', besides: '2.5vh', figures: true },
  { numbers: '5vh', names: '3.6vh', besides: '2.5vh', figures: true },
  { numbers: '7vh', names: '3.6vh', besides: '2.5vh', figures: true },
  { numbers: '7vh', names: '4.3vh', besides: '2.5vh', figures: true },
  { numbers: '7vh', names: '5vh', besides: '2.5vh', figures: true },
]

/** Where groups rotate large letters come first, then figures, then larger letters. */
export const GROUP_LETTERS: { number: string; words: string; figures?: boolean }[] = [
  { number: '2.5vh', words: '2.1vh' },
  { number: '2.8vh', words: '2.8vh' },
  { number: '5vh', words: '2.8vh' },
  { number: '5vh', words: '2.8vh', figures: true },
  { number: '5vh', words: '3.6vh' },
  { number: '7vh', words: '3.6vh' },
  { number: '7vh', words: '4.3vh' },
  { number: '7vh', words: '5vh' },
  { number: '7vh', words: '3.6vh', figures: true },
  { number: '7vh', words: '4.3vh', figures: true },
  { number: '7vh', words: '5vh', figures: true },
]
