<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;

/** The lists of a workbook by their key, in the order in which they refer to each other: the one place where they stand. */
enum WorkbookList: string
{
    case Wires = 'wires';
    case Terminals = 'terminals';
    case Tools = 'tools';
    case Kits = 'kits';
    case Scopes = 'scopes';

    /** @return class-string<Wire|Terminal|Tool|Kit|Scope> */
    public function class(): string
    {
        return match ($this) {
            self::Wires => Wire::class,
            self::Terminals => Terminal::class,
            self::Tools => Tool::class,
            self::Kits => Kit::class,
            self::Scopes => Scope::class,
        };
    }

    /** What one of them is called. */
    public function one(): string
    {
        return rtrim($this->value, 's');
    }

    /** @return list<Wire|Terminal|Tool|Kit|Scope> in the order of the document */
    public function of(Workbook $workbook): array
    {
        return match ($this) {
            self::Wires => $workbook->wires,
            self::Terminals => $workbook->terminals,
            self::Tools => $workbook->tools,
            self::Kits => $workbook->kits,
            self::Scopes => $workbook->scopes,
        };
    }

    /** The list that holds things of a class. */
    public static function holding(string $class): self
    {
        foreach (self::cases() as $list) {
            if ($list->class() === $class) {
                return $list;
            }
        }

        throw new \OutOfRangeException('no list of a workbook holds ' . $class);
    }
}
