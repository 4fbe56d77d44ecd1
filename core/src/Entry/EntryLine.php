<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

use Gondrik\Core\Scope\Access;
use Gondrik\Core\Scope\Joint;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Preparation;
use Gondrik\Core\Scope\Surroundings;
use Gondrik\Core\Size\Torque;
use Gondrik\Core\Terminal\Place;
use Gondrik\Core\Terminal\Sleeve;
use Gondrik\Core\Terminal\Stud;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\Wire;

/** A line as it is put together while an entry is read; what is said twice holds as it was said last. */
final class EntryLine
{
    public int $quantity = 1;

    public int $wiresInBarrel = 1;

    public ?Stud $stud = null;

    public ?Torque $torque = null;

    public float $ambient = 20.0;

    /** @var array<string, string> values of the conditions, by key of the line */
    private array $conditions = [];

    public function take(Meaning $condition): void
    {
        $this->conditions[$condition->about] = $condition->value;
    }

    /** @throws Invalid where it does not go together */
    public function line(string $id, Wire $wire, Terminal $terminal, ?Wire $wireB): Line
    {
        return new Line(
            $id,
            $wire,
            $terminal,
            $this->quantity,
            $wireB,
            new Joint(
                $this->wiresInBarrel,
                Preparation::from($this->conditions['prep'] ?? Preparation::None->value),
                $this->stud,
                null,
                $this->says('midSpan'),
                $this->says('housing'),
                isset($this->conditions['sleeve']) ? Sleeve::from($this->conditions['sleeve']) : null,
            ),
            new Surroundings(
                Place::from($this->conditions['place'] ?? Place::Plain->value),
                $this->says('wet'),
                $this->ambient,
                $this->says('noMains'),
                Access::from($this->conditions['access'] ?? Access::Open->value),
                $this->says('movable'),
            ),
            $this->torque,
        );
    }

    /** @return array<string, string|int|float|true> keys of the line that were said, as the workbook has them */
    public function said(): array
    {
        return [
            ...array_map(static fn(string $value): string|true => $value === 'yes' ? true : $value, $this->conditions),
            ...$this->wiresInBarrel === 1 ? [] : ['wiresInBarrel' => $this->wiresInBarrel],
            ...$this->stud === null ? [] : ['stud' => (string) $this->stud],
            ...$this->torque === null ? [] : ['torque' => $this->torque->plain()],
            ...$this->ambient === 20.0 ? [] : ['ambient' => $this->ambient],
        ];
    }

    private function says(string $key): bool
    {
        return isset($this->conditions[$key]);
    }
}
