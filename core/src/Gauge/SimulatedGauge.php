<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

use Random\Engine\Mt19937;

/**
 * A gauge that is none: pulls that give way about a mean, told what else to do. It says when each line is due and keeps no time, so that
 * a test need not wait.
 */
final class SimulatedGauge
{
    /** Readings a second. */
    private const RATE = 20;

    /** A peak is said until it has been taken: so often, so many seconds apart. */
    private const REPEATS = 10;
    private const APART = 0.3;

    private int $pulls = 0;

    private readonly Mt19937 $dice;

    public function __construct(private SimulatedSettings $settings)
    {
        $this->dice = new Mt19937($settings->seed);
    }

    public function name(): string
    {
        return $this->settings->name;
    }

    public function hello(): GaugeLine
    {
        return GaugeLine::of(GaugeWord::Gauge, $this->settings->name, self::plain($this->settings->capacity), $this->settings->unit->value);
    }

    /** @throws \InvalidArgumentException with a sentence, when there is no such setting or it takes no such value */
    public function set(string $what, string $value): void
    {
        $this->settings = $this->settings->with($what, $value);
    }

    /**
     * What it says from being armed to the peak, in order.
     *
     * @return list<SimulatedLine>
     */
    public function pull(string $test): array
    {
        $settings = $this->settings;
        $this->pulls++;
        $most = max(0.0, $settings->mean + $settings->drift * ($this->pulls - 1) + $settings->spread * $this->normal());
        $unit = $settings->unit->value;
        $lines = [new SimulatedLine(0.0, GaugeLine::of(GaugeWord::Ready, $test)->write())];
        $readings = max(1, (int) ($settings->seconds * self::RATE));
        $isHanging = $settings->hang === $this->pulls;
        $isCut = $settings->cut === $this->pulls;
        foreach (range(1, $readings) as $reading) {
            $share = $reading / $readings;
            // The grip takes up its slack first, then the force rises nearly evenly.
            $force = $most * $share * $share * (3 - 2 * $share);
            $seconds = $reading / self::RATE;
            $due = $settings->pause + $seconds;
            if ($share > 0.5 && ($isHanging || $isCut || $settings->flood === $this->pulls)) {
                return [...$lines, new SimulatedLine($due, match (true) {
                    $isCut => SimulatedLine::CUT,
                    $isHanging => SimulatedLine::HANG,
                    default => SimulatedLine::FLOOD,
                })];
            }
            $lines[] = new SimulatedLine($due, $this->disturbed(GaugeLine::of(GaugeWord::Read, $test, self::plain($force), $unit, number_format($seconds, 3, '.', ''))->write()));
        }
        $peak = GaugeLine::of(GaugeWord::Peak, $test, self::plain($most), $unit, number_format($readings / self::RATE, 3, '.', ''), (string) $readings)->write();
        foreach (range(0, self::REPEATS - 1) as $repeat) {
            $lines[] = new SimulatedLine($settings->pause + $readings / self::RATE + 0.05 + $repeat * self::APART, $this->disturbed($peak));
        }

        return $lines;
    }

    private static function plain(float $force): string
    {
        return number_format($force, 1, '.', '');
    }

    /** One line in so many as the settings say has a letter of it turned into another. */
    private function disturbed(string $line): string
    {
        if ($this->share() >= $this->settings->noise) {
            return $line;
        }
        $at = (int) ($this->share() * strlen($line));
        $line[$at] = chr((ord($line[$at]) ^ (1 << (int) ($this->share() * 7))) & 0x7F);

        return $line;
    }

    /** From 0 to below 1. */
    private function share(): float
    {
        $drawn = unpack('V', $this->dice->generate());

        return ($drawn === false ? 0 : $drawn[1]) / 4_294_967_296;
    }

    /** Mean 0, deviation 1 (Box and Muller, 1958). */
    private function normal(): float
    {
        return sqrt(-2.0 * log(1.0 - $this->share())) * cos(2.0 * M_PI * $this->share());
    }
}
