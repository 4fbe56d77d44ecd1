<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Terminal\TerminalClass;

/** The least force that a termination must hold, with the row it was read from. */
final readonly class Pull
{
    private function __construct(
        public Figure $force,
        public Figure $forceLbf,
        public Figure $standard,
        /** The size of the row; another one than the wire's where the next larger was taken. */
        public Figure $row,
    ) {}

    public static function of(Size $size, TerminalClass $class, PullStandard $rule = PullStandard::ByClass): self
    {
        $standard = PullForce::standardFor($rule, $class, $size);
        $found = PullForce::required($standard, $size);
        $name = Figure::of($standard->value, $rule === PullStandard::ByClass ? Source::formula(Formula::StandardByClass) : Source::stated('the pull standard that was asked for'));
        if ($found === null) {
            $source = Source::table($standard->value, Recall::Memory);
            $why = PullForce::whyNone($standard, $size);

            return new self(
                Figure::of(null, $source, FigureUnit::Newton, $why),
                Figure::of(null, $source, FigureUnit::PoundForce, $why),
                $name,
                Figure::of(null, $source, note: $why),
            );
        }
        $source = Source::row($found->tableRow, $found->row->written);
        $note = $found->isNextLarger ? new Note(NoteCode::RowNextLarger, ['size' => $size->written, 'row' => $found->row->written]) : null;

        return new self(
            Figure::of($found->newtons, $source, FigureUnit::Newton, $note),
            Figure::of($found->poundsForce(), $source, FigureUnit::PoundForce, $note),
            $name,
            Figure::of($found->row->written, $source, note: $note),
        );
    }
}
