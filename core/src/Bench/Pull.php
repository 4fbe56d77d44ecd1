<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Terminal\TerminalClass;

/** The least force that a termination must hold and for how long, with the row it was read from. */
final readonly class Pull
{
    private function __construct(
        public Figure $force,
        public Figure $forceLbf,
        /** s that it must hold; null where it is pulled on at the standard's own speed. */
        public Figure $hold,
        public Figure $standard,
        /** The size of the row; another one than the wire's where the next larger was taken. */
        public Figure $row,
    ) {}

    public static function of(Size $size, TerminalClass $class, PullStandard $rule = PullStandard::ByClass): self
    {
        $standard = PullForce::standardFor($rule, $class, $size);
        $says = $rule === PullStandard::ByClass ? Source::formula(Formula::StandardByClass) : Source::stated('the pull standard that was asked for');
        if ($standard === null) {
            return self::none($says, $says, new Note(NoteCode::PullNoStandard, ['class' => $class->value]));
        }
        $found = PullForce::required($standard, $size);
        if ($found === null) {
            return self::none($says, Source::table($standard->value, Recall::Memory), PullForce::whyNone($standard, $size), $standard);
        }
        $source = Source::row($found->tableRow, $found->row->written);
        $note = $found->isNextLarger ? new Note(NoteCode::RowNextLarger, ['size' => $size->written, 'row' => $found->row->written]) : null;

        return new self(
            Figure::of($found->newtons, $source, FigureUnit::Newton, $note),
            Figure::of($found->poundsForce(), $source, FigureUnit::PoundForce, $note),
            self::hold($standard),
            Figure::of($standard->value, $says),
            Figure::of($found->row->written, $source, note: $note),
        );
    }

    /** Newtons; null where there is no figure. */
    public function newtons(): ?float
    {
        return is_float($this->force->value) ? $this->force->value : null;
    }

    /** By its name; null where no standard is about this termination. */
    public function standardName(): ?string
    {
        return is_string($this->standard->value) ? $this->standard->value : null;
    }

    /** Seconds; null where it is not held. */
    public function seconds(): ?int
    {
        return is_int($this->hold->value) ? $this->hold->value : null;
    }

    /** No figure, and why. */
    private static function none(Source $says, Source $asked, Note $why, ?PullStandard $standard = null): self
    {
        return new self(
            Figure::of(null, $asked, FigureUnit::Newton, $why),
            Figure::of(null, $asked, FigureUnit::PoundForce, $why),
            $standard === null ? Figure::of(null, $asked, FigureUnit::Second, $why) : self::hold($standard),
            $standard === null ? Figure::of(null, $says, note: $why) : Figure::of($standard->value, $says),
            Figure::of(null, $asked, note: $why),
        );
    }

    private static function hold(PullStandard $standard): Figure
    {
        $seconds = $standard->holdSeconds();

        return Figure::of($seconds, Source::table($standard->value, Recall::Memory), FigureUnit::Second, $seconds === null ? new Note(NoteCode::PullNotHeld) : null);
    }
}
