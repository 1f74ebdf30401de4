/** The pipes by which a child process hears its server, and by which it speaks (file descriptors). */
export const FROM_SERVER = 3
export const TO_SERVER = 4
