<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Support\OpenApi;

/* Cover as a file of data: what the command line answers of the shop's own workbook. */

it('gives the report that the command line gives', function (array $asked, array $options): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $day = $this->demoDay()->plus(20)->plain();
    $said = static fn(array $of): array => array_map(static fn(string $one): string => str_replace('DAY', $day, $one), $of);
    $file = $this->getJson('/api/v1/coverage.json?' . http_build_query(['kit' => 'pylon-backpack', 'scope' => 'tower-7', ...$said($asked)]))->assertOk();
    expect(OpenApi::mismatch($file, 'get', '/coverage.json'))->toBe('')
        ->and($file->headers->get('Content-Disposition'))->toBe('attachment; filename="cover-pylon-backpack-tower-7' . (isset($asked['on']) ? '-' . $day : '') . '.json"');

    $workbook = (string) tempnam(sys_get_temp_dir(), 'gondrik');
    file_put_contents($workbook, $this->get('/api/v1/workbook')->assertOk()->getContent());
    $process = new Process([base_path('bin/gondrik'), 'check', $workbook, '--kit', 'pylon-backpack', '--scope', 'tower-7', '--format', 'json', ...$said($options)]);
    $process->run();
    unlink($workbook);
    expect($process->getErrorOutput())->toBe('')->and($file->json())->toBe(json_decode($process->getOutput(), true));
})->with([
    'on paper' => [[], []],
    'without a tool' => [['without' => 'oval-ratchet'], ['--without', 'oval-ratchet']],
    'on a day, in somebody\'s hands' => [['on' => 'DAY', 'hand' => 'tilo-brandvik'], ['--on', 'DAY', '--hand', 'tilo-brandvik']],
]);

it('is refused without a kit', function (): void {
    $this->actingAs($this->lead($this->demo()));
    $this->getJson('/api/v1/coverage.json?scope=tower-7')->assertUnprocessable()->assertJsonPath('problems.0.path', 'kit');
});
