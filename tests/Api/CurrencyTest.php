<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\OpenApi;

it('says what prices are in, to everybody and on the buying list, and takes that back', function (): void {
    $shop = $this->demo();
    $lead = $this->lead($shop);
    $this->actingAs($lead);
    $workbook = $this->get('/api/v1/workbook')->getContent();
    $changed = $this->putJson('/api/v1/currency', ['code' => 'SEK']);
    expect($changed->status())->toBe(204)
        ->and(OpenApi::mismatch($changed, 'put', '/currency'))->toBe('')
        ->and($this->getJson('/api/v1/version')->json('currency'))->toBe('SEK')
        ->and($this->getJson('/api/v1/session')->json('person.currency'))->toBe('SEK')
        // No amount is turned into another.
        ->and($this->get('/api/v1/workbook')->getContent())->toBe($workbook)
        ->and($this->getJson('/api/v1/history')->json('data.0.changes.0'))->toMatchArray(['list' => 'currency', 'before' => ['code' => 'EUR'], 'after' => ['code' => 'SEK']]);
    $this->insteadActingAs(personOf($shop, Role::Coordinator));
    $this->postJson('/api/v1/history/' . $changed->headers->get('Gondrik-Change') . '/undo')->assertForbidden();
    $this->insteadActingAs($lead);
    $this->postJson('/api/v1/history/' . $changed->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/version')->json('currency'))->toBe('EUR');
});

it('takes no code that cannot be one, and says what one is', function (mixed $code): void {
    $this->actingAs($this->lead($this->demo()));
    $refused = $this->putJson('/api/v1/currency', ['code' => $code])->assertUnprocessable();
    expect($refused->json('problems.0.path'))->toBe('code')->and($refused->json('problems.0.expected'))->toContain('ISO 4217')
        ->and($this->getJson('/api/v1/version')->json('currency'))->toBe('EUR');
})->with([['eur'], ['€'], ['EURO'], [''], [null], [3]]);
