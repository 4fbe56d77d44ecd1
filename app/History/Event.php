<?php

declare(strict_types=1);

namespace App\History;

/** What somebody did to the shop. */
enum Event: string
{
    case Added = 'added';
    case Changed = 'changed';
    case Removed = 'removed';
    case Moved = 'moved';
    case Copied = 'copied';
    case Merged = 'merged';
    /** Several things in several ways at once. */
    case Edited = 'edited';
    /** What somebody had proposed. */
    case Confirmed = 'confirmed';
    /** Something that is written down in the log. */
    case Happened = 'happened';
    case Imported = 'imported';
    /** An earlier change taken back; taking that back again does it once more. */
    case Undone = 'undone';

    /**
     * What changes are that were made as one.
     *
     * @param list<Change> $changes
     */
    public static function of(array $changes): self
    {
        $events = array_unique(array_map(static fn(Change $change): string => match (true) {
            $change->place->isOrder() => self::Moved->value,
            $change->before === null => self::Added->value,
            $change->after === null => self::Removed->value,
            default => self::Changed->value,
        }, $changes));

        return count($events) === 1 ? self::from($events[array_key_first($events)]) : self::Edited;
    }
}
