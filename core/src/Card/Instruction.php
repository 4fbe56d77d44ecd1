<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

/** One thing to do: a code with its numbers. Lengths in mm, forces in N, torque in N·m. */
final readonly class Instruction
{
    /** @param array<string, string|int|float> $numbers */
    public function __construct(public InstructionCode $code, public array $numbers = []) {}
}
