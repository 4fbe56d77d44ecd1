<?php

declare(strict_types=1);

/*
 * How short a class can be, computed again by CBC, a general solver of mixed integer programs (Debian package coinor-cbc), on made-up
 * classes: with order, breaks, people kept apart, several places, several stations for one exercise.
 */

use Gondrik\Core\Rotation\RotationStatus;
use Gondrik\Core\Rotation\Slot;
use Gondrik\Core\Tests\Support\CbcRotation;
use Gondrik\Core\Tests\Support\Classroom;
use Gondrik\Core\Tests\Support\RotationCheck;

it('is as short as CBC has it', function (int $seed): void {
    $class = Classroom::made($seed, 3, 3, 3, longest: 5);
    $rotation = $class->rotation();
    expect(RotationCheck::faults($class, $rotation))->toBe([])
        ->and($rotation->status())->toBe(RotationStatus::Optimal)
        ->and($rotation->length())->toBe((new CbcRotation())->length($class, $rotation->length() + 2 * $class->session->slot));
})->with(range(1, 24));

it('goes on from a time as shortly as CBC has it, with somebody late or gone', function (int $seed): void {
    $class = Classroom::made($seed, 3, 3, 3, longest: 5);
    $made = $class->rotation();
    $now = 5 * intdiv($made->length(), 15);
    $kept = $class->keeping(implode(';', array_map(static fn(Slot $slot): string => implode(' ', [$slot->person, $slot->exercise, $slot->station, $slot->from]), $made->course->slots)), ['p1 - 08:25', 'p2 08:05 08:40', 'p3 08:10', ''][$seed % 4]);
    $rotation = $kept->rotation(now: $now);
    expect(RotationCheck::faults($kept, $rotation))->toBe([])
        ->and($rotation->status())->toBe(RotationStatus::Optimal)
        ->and($rotation->length())->toBe((new CbcRotation())->length($kept, $rotation->length() + 2 * $kept->session->slot, $now));
})->with(range(1, 24));
