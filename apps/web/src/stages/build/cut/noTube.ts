/** What is said of a cage of which nothing can be sawn. */
export const NO_TUBE =
  'No tube of this cage can be cut yet: measure the car at Survey, place its tubes at Design, choose a die at Bend.';
