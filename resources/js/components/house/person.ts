export interface PersonLine {
    id: number;
    name: string;
    email: string | null;
    skills: string[];
    /** In percent of the house standard, by skill. */
    speeds: Record<string, number>;
    active: boolean;
    version: number;
    role: string;
    signsIn: boolean;
    rate: string;
    ownHours: boolean;
    hours: Record<number, string>;
    minutesAWeek: number;
    daysOff: { id: number; date: string; note: string }[];
}

export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
