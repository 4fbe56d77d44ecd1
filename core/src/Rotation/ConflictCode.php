<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** What can be wrong with a timetable that was changed by hand. */
enum ConflictCode: string
{
    /** One person is at two exercises at the same time. */
    case Twice = 'person.twice';

    /** More people are at a station than it has room for. */
    case Full = 'station.full';

    /** The exercise cannot be done at that station. */
    case Elsewhere = 'station.elsewhere';

    /** It begins before what comes before it is done. */
    case Order = 'exercise.too-soon';

    /** Two who are kept apart are at one station at the same time. */
    case Apart = 'people.apart';

    /** It runs into a break. */
    case Pause = 'break.across';

    /** The person is away then. */
    case Away = 'person.away';

    /** It ends after all is to be done. */
    case Late = 'session.over';

    /** The person does not do this exercise. */
    case NotFor = 'exercise.not-for';
}
