<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Stock\Box;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Training\Station;
use Gondrik\Core\Wire\Wire;

/**
 * The lists of a workbook by their key, in the order in which they refer to each other. What one holds says the member of Workbook
 * or of its Register under the same name; whatever goes through all of them goes through here. The log is none of them: nothing in it
 * is ever changed or taken away.
 *
 * @phpstan-type Thing Wire|Terminal|Tool|Kit|Scope|Person|Asset|Stock|Box|Station|Exercise|Session
 */
enum WorkbookList: string
{
    case Wires = 'wires';
    case Terminals = 'terminals';
    case Tools = 'tools';
    case Kits = 'kits';
    case Scopes = 'scopes';
    case People = 'people';
    case Assets = 'assets';
    case Stock = 'stock';
    case Boxes = 'boxes';
    case Stations = 'stations';
    case Exercises = 'exercises';
    case Sessions = 'sessions';

    /** @return class-string<Thing> */
    public function class(): string
    {
        foreach (ObjectPlan::of(Workbook::class)->keys() as $field) {
            if ($field->isList && $field->name === $this->value) {
                /** @var class-string<Thing> */
                return $field->type;
            }
        }

        throw new \LogicException('a workbook has no list ' . $this->value);
    }

    /** What the whole shop is judged by, and not what it has to do or has packed for that. */
    public function isOfModels(): bool
    {
        return in_array($this, [self::Wires, self::Terminals, self::Tools], true);
    }

    /** @return list<self> */
    public static function models(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $list): bool => $list->isOfModels()));
    }

    /** What one of them is called. */
    public function one(): string
    {
        return match ($this) {
            self::People => 'person',
            self::Stock => 'stock',
            self::Boxes => 'box',
            default => rtrim($this->value, 's'),
        };
    }

    /** Whether it is kept in the register: what there is of it one by one. */
    public function isOfRegister(): bool
    {
        return property_exists(Register::class, $this->value);
    }

    /** @return list<Thing> in the order of the document */
    public function of(Workbook $workbook): array
    {
        return match ($this) {
            self::Wires, self::Terminals, self::Tools, self::Kits, self::Scopes => $workbook->{$this->value},
            default => $workbook->register->{$this->value},
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
