<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

/** What can have happened, by the word that the workbook has for it. */
enum What: string
{
    case Moved = 'moved';
    case Out = 'out';
    case Back = 'back';
    case Condition = 'condition';
    case Cycles = 'cycles';
    case Done = 'done';
    case Pull = 'pull';
    case Cleared = 'cleared';
    case Skill = 'skill';
    case Practice = 'practice';
    case Counted = 'counted';
    case Received = 'received';
    case Used = 'used';
    case Timed = 'timed';
    case Void = 'void';

    /** Whether it sets right what was written or held back before. */
    public function setsRight(): bool
    {
        return $this === self::Void || $this === self::Cleared;
    }

    /** @return class-string<Entry> */
    public function entry(): string
    {
        return match ($this) {
            self::Moved => Moved::class,
            self::Out => Out::class,
            self::Back => Back::class,
            self::Condition => ConditionTold::class,
            self::Cycles => CyclesRead::class,
            self::Done => Done::class,
            self::Pull => Pulled::class,
            self::Cleared => Cleared::class,
            self::Skill => SkillTold::class,
            self::Practice => Practised::class,
            self::Counted => Counted::class,
            self::Received => Received::class,
            self::Used => Used::class,
            self::Timed => Timed::class,
            self::Void => Voided::class,
        };
    }
}
