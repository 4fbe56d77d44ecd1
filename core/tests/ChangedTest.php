<?php

declare(strict_types=1);

use Gondrik\Core\Scope\Joint;
use Gondrik\Core\Scope\Preparation;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Terminal\Sleeve;
use Gondrik\Core\Tool\ToolKind;

it('changes what is named and keeps all else', function (): void {
    $joint = new Joint(3, Preparation::Twist, midSpan: true, sleeve: Sleeve::Plain);
    expect($joint->under(null))->toEqual(new Joint(3, Preparation::Twist, midSpan: true))
        ->and($joint->sleeve)->toBe(Sleeve::Plain);
    $scope = new Scope('s', 'S', [], carry: [ToolKind::TwoPoleTester], days: 4, note: 'n', archived: true);
    expect($scope->withLines([]))->toEqual($scope)->not->toBe($scope);
});

it('refuses a member that there is not', function (): void {
    $but = new ReflectionMethod(Joint::class, 'but');
    expect(static fn(): mixed => $but->invoke(new Joint(), sleeves: null))->toThrow(Error::class, 'Unknown named parameter $sleeves');
});
