/** "9 Mar", and with its year where that is another. */
export function dayShort(at: number): string {
  const date = new Date(at);
  const isOld = date.getFullYear() !== new Date().getFullYear();
  return new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    ...(isOld && { year: '2-digit' }),
  }).format(date);
}
