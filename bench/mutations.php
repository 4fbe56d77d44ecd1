<?php

declare(strict_types=1);

/* Small changes in the rules that some test must notice: the file below core, what stands there, what is put in its place. */
return [
    // What works look at
    ['src/Match/StripSheath/StripSheathWork.php', "            \$this->ambient,\n", ''],
    ['src/Match/Conditions.php', "(\$noMains ? 'no-mains ' : '')", "''"],
    ['src/Match/Crimp/CrimpWork.php', "            \$this->isWet,\n", ''],
    // Asked of several works together
    ['src/Match/Asked.php', '$any(static fn(Conditions $place): bool => $place->noMains)', '$works[0]->conditions->noMains'],
    ['src/Match/StripSheath/StripSheathRules.php', '$coldest = min(', '$coldest = max('],
    // Lines
    ['src/Coverage/Coverage.php', '[Operation::Crimp, Operation::Solder, Operation::Torque]', '[Operation::Crimp, Operation::Torque]'],
    ['src/Coverage/Coverage.php', '$named === [] ? $holding : $named', '$holding'],
    ['src/Match/LineChecks.php', 'HOLDS_ALONE = 0.5', 'HOLDS_ALONE = 0.6'],
    ['src/Match/LineChecks.php', 'NEEDS_GRIP = 0.14', 'NEEDS_GRIP = 0.139'],
    ['src/Match/LineChecks.php', '$terminal->takes === null && $prep !== Preparation::Tin', '$prep !== Preparation::Tin'],
    ['src/Match/LineChecks.php', 'if ($wire->construction === Construction::Solid) {', 'if ($wire->construction === Construction::Fine) {'],
    ['src/Match/LineChecks.php', '$isOverJoint && $sleeve === Sleeve::Lined', '$sleeve === Sleeve::Lined'],
    ['src/Match/LineChecks.php', '? !$line->byHand->drops(Operation::Sleeve)', '? true'],
    ['src/Scope/Line.php', 'return $isAdded ? Sleeve::Plain : $stated;', 'return $isAdded ? Sleeve::Lined : $stated;'],
    ['src/Match/Crimp/CrimpRules.php', 'return $line->terminal?->class !== TerminalClass::Tap;', 'return true;'],
    // Proven
    ['src/Match/Sleeve/SleeveRules.php', "    public function weighsProven(): bool\n    {\n        return false;", "    public function weighsProven(): bool\n    {\n        return true;"],
    ['src/Match/PullTest/PullTestRules.php', "    public function weighsProven(): bool\n    {\n        return false;", "    public function weighsProven(): bool\n    {\n        return true;"],
    ['src/Match/Extract/ExtractRules.php', "    public function weighsProven(): bool\n    {\n        return false;", "    public function weighsProven(): bool\n    {\n        return true;"],
    ['src/Match/Crimp/NestCheck.php', '$isNear = $proven !== null ||', '$isNear ='],
    ['src/Match/Crimp/NestCheck.php', '$proven = $nest->proven ?? $proven;', '$proven = $proven ?? $nest->proven;'],
    // Nests
    ['src/Match/Crimp/NestCheck.php', '$work->class === TerminalClass::Lug ? Fit::Unsuitable : Fit::Makeshift', 'Fit::Makeshift'],
    ['src/Match/Crimp/NestCheck.php', '$this->otherMarking([$alone]', '$this->otherMarking([]'],
    ['src/Match/Crimp/NestCheck.php', '$class->holdsClosely() && $isFar', '$isFar'],
    ['src/Match/Crimp/NestCheck.php', '$off($end) > $off($farthest)', '$off($end) < $off($farthest)'],
    // Bounds
    ['src/Match/Bound.php', 'NEXT_SIZE = 2.2', 'NEXT_SIZE = 1.1'],
    ['src/Match/Crimp/CrimpRules.php', 'Bound::EQUIVALENT ** 2', 'Bound::EQUIVALENT'],
    ['src/Match/Crimp/NestCheck.php', 'Bound::EQUIVALENT ** 2', '1.05'],
    // Edges
    ['src/Bench/PullForce.php', 'LUG_FROM = 10.0', 'LUG_FROM = 9.9'],
    ['src/Match/Strip/StripRules.php', 'BLADE_FROM = 21.0', 'BLADE_FROM = 20.9'],
    ['src/Match/Strip/StripRules.php', 'FINE_TO = 6.0', 'FINE_TO = 5.2'],
    ['src/Match/StripSheath/StripSheathRules.php', 'SHORT_SECTION = 15.0', 'SHORT_SECTION = 14.9'],
    ['src/Match/Torque/TorqueRules.php', 'DRIVER_TO = 3.0', 'DRIVER_TO = 2.9'],
    ['src/Match/Torque/TorqueRules.php', 'WRENCH_TO = 25.0', 'WRENCH_TO = 26.0'],
    ['src/Match/Crimp/CrimpRules.php', 'SMALL_FERRULE = 10.0', 'SMALL_FERRULE = 16.0'],
    ['src/Size/Span.php', 'CLOSE = 0.03', 'CLOSE = 0.01'],
    ['src/Size/Standing.php', 'FAR = 0.10', 'FAR = 0.30'],
    // Strip
    ['src/Match/Strip/PositionCheck.php', '} elseif ($isOwnLabel) {', '} elseif ($isOwnLabel && $position->hole === null) {'],
    ['src/Match/Strip/PositionCheck.php', '$smaller === null ||', 'true ||'],
    ['src/Match/Strip/StripRules.php', '$work->vibrates || $work->midSpan', '$work->vibrates'],
    ['src/Match/Strip/StripRules.php', '($length === null || $capability->stop->holds($length))', '($length !== null && $capability->stop->holds($length))'],
    // Cut
    ['src/Size/SizeRange.php', '|| ($size !== null && self::single($next)->standingOf($size)->isInside())', ''],
    ['src/Match/Cut/CutRules.php', '$capability->bites < 2', '$capability->bites < 1'],
    // Any tool
    ['src/Match/Conditions.php', '$kit->travels && !$surroundings->movable', '$kit->travels'],
    ['src/Match/Requirements.php', '!($conditions->mustTravel && $needs->inPlaceOnly)', 'true'],
    ['src/Match/Judge.php', 'Tolerance::isAbove($asked, $given) ? Fit::Makeshift : Fit::Proper', 'Fit::Proper'],
    ['src/Verdict/ReasonCode.php', '|| $this === self::NestOutsidePrint', ''],
    // Sleeve, house
    ['src/Match/Sleeve/SleeveRules.php', '$known === [] ? null : max($known)', '$known === [] ? null : min($known)'],
    ['src/Rules/HouseRules.php', '$this->pullTest === PullTesting::Sample ?', '$this->pullTest === PullTesting::Every ?'],
    ['src/Size/Span.php', '$least->area <= $greatest->area ? new self($least, $greatest) : null', 'new self($least, $greatest)'],
    ['src/Coverage/Choice.php', '$asGood === 1 && $this->kit->count($best[0]->id) === 1', '$asGood === 1'],
];
