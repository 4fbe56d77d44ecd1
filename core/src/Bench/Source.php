<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Reference\Table;

/** Where a figure comes from: a row of a table, a formula of data/formulas.csv, or somebody who said or measured it. */
final readonly class Source
{
    private function __construct(public string $name, public Recall $recall) {}

    public static function formula(Formula $formula): self
    {
        $row = self::formulas()[$formula->value];

        return new self($row['source'] . ': ' . $row['formula'], Recall::from($row['recall']));
    }

    /**
     * @param array<string, string> $row   with its source and recall
     * @param string                $which of the rows it is, "12 AWG"
     */
    public static function row(array $row, string $which): self
    {
        $recall = Recall::from($row['recall']);

        return new self(($row['source'] === 'none' ? 'common practice' : $row['source']) . ($which === '' ? '' : ', ' . $which), $recall);
    }

    /** A table that was asked and has no row for it: its own source and how sure most of it is. */
    public static function table(string $name, Recall $recall): self
    {
        return new self($name, $recall);
    }

    public static function stated(string $by): self
    {
        return new self($by, Recall::Stated);
    }

    /** @return array<string, array<string, string>> by code */
    private static function formulas(): array
    {
        static $rows = null;

        return $rows ??= array_column(Table::rows('formulas'), null, 'code');
    }
}
