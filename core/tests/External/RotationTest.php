<?php

declare(strict_types=1);

/*
 * How short a class can be, computed again by CBC, a general solver of mixed integer programs (Debian package coinor-cbc), on made-up
 * classes: with order, breaks, people kept apart, several places, several stations for one exercise.
 */

use Gondrik\Core\Rotation\RotationStatus;
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
