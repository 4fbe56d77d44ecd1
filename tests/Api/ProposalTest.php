<?php

declare(strict_types=1);

use App\Models\Role;
use Tests\Support\OpenApi;

/* A coordinator makes a terminal that the work wants; it counts at once, and the lead has still to look at it. */

const PROPOSED = ['name' => 'Ring M12, violet', 'class' => 'bare', 'size' => '8 AWG', 'stud' => 'M12'];

it('is made by a coordinator, counts at once and waits for the lead', function (): void {
    $shop = $this->demo();
    $this->actingAs($coordinator = personOf($shop, Role::Coordinator));
    $made = $this->postJson('/api/v1/terminals', PROPOSED)->assertCreated();
    $waiting = $this->getJson('/api/v1/proposals');
    expect(OpenApi::mismatch($waiting, 'get', '/proposals'))->toBe('')
        ->and($waiting->json('data'))->toBe([['list' => 'terminals', 'id' => $made->json('id'), 'name' => PROPOSED['name'], 'by' => $coordinator->name]]);
    $this->postJson('/api/v1/scopes/tower-7/lines', [...LINE, 'terminal' => $made->json('id')])->assertCreated();
    // It is not for its maker to change it, nor to say that it is right.
    $seen = ['If-Match' => '"' . $made->json('version') . '"'];
    $this->putJson('/api/v1/terminals/' . $made->json('id'), PROPOSED, $seen)->assertForbidden();
    $this->postJson('/api/v1/terminals/' . $made->json('id') . '/confirm')->assertForbidden();
    $this->insteadActingAs($this->lead($shop));
    $confirmed = $this->postJson('/api/v1/terminals/' . $made->json('id') . '/confirm');
    expect($confirmed->status())->toBe(204)->and(OpenApi::mismatch($confirmed, 'post', '/{list}/{id}/confirm'))->toBe('')
        ->and($this->getJson('/api/v1/proposals')->json('data'))->toBe([])
        ->and($this->getJson('/api/v1/history')->json('data.0.event'))->toBe('confirmed');
    $this->postJson('/api/v1/terminals/' . $made->json('id') . '/confirm')->assertConflict();
    $this->postJson('/api/v1/terminals/gone/confirm')->assertNotFound();
    // Taken back it waits again; nobody but the lead does either.
    $undone = $this->postJson('/api/v1/history/' . $confirmed->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/proposals')->json('data.0.by'))->toBe($coordinator->name);
    $this->insteadActingAs($coordinator);
    $this->postJson('/api/v1/history/' . $undone->json('change') . '/undo')->assertForbidden();
});

it('is its maker’s to take back, as long as nothing rests on it', function (): void {
    $shop = $this->demo();
    $this->actingAs(personOf($shop, Role::Coordinator));
    $before = $this->get('/api/v1/workbook')->getContent();
    $change = $this->postJson('/api/v1/terminals', PROPOSED)->assertCreated()->headers->get('Gondrik-Change');
    $undone = $this->postJson('/api/v1/history/' . $change . '/undo')->assertOk();
    expect($this->get('/api/v1/workbook')->getContent())->toBe($before)->and($this->getJson('/api/v1/proposals')->json('data'))->toBe([]);
    $this->postJson('/api/v1/history/' . $undone->json('change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/proposals')->json('data'))->toHaveCount(1);
});

it('waits again when the lead has taken it away and brings it back', function (): void {
    $shop = $this->demo();
    $this->actingAs($coordinator = personOf($shop, Role::Coordinator));
    $made = $this->postJson('/api/v1/catalogue/terminals/ring-red-m6')->assertCreated()->json();
    $waiting = $this->getJson('/api/v1/proposals')->json('data');
    expect(array_column($waiting, 'id'))->toBe([$made['id']]);
    $this->insteadActingAs($this->lead($shop));
    $gone = $this->deleteJson('/api/v1/terminals/' . $made['id'], headers: ['If-Match' => '"' . $made['version'] . '"'])->assertNoContent();
    expect($this->getJson('/api/v1/proposals')->json('data'))->toBe([]);
    // What the lead has taken away only the lead brings back.
    $this->insteadActingAs($coordinator);
    $this->postJson('/api/v1/history/' . $gone->headers->get('Gondrik-Change') . '/undo')->assertForbidden();
    $this->insteadActingAs($this->lead($shop));
    $this->postJson('/api/v1/history/' . $gone->headers->get('Gondrik-Change') . '/undo')->assertOk();
    expect($this->getJson('/api/v1/proposals')->json('data'))->toBe($waiting);
});

it('is none of a lead, and no tool is proposed', function (): void {
    $shop = $this->demo();
    $this->actingAs($this->lead($shop));
    $this->postJson('/api/v1/terminals', PROPOSED)->assertCreated();
    expect($this->getJson('/api/v1/proposals')->json('data'))->toBe([]);
    $this->insteadActingAs(personOf($shop, Role::Coordinator));
    $this->postJson('/api/v1/tools', ['name' => 'A tool', 'capabilities' => []])->assertForbidden();
    $this->postJson('/api/v1/catalogue/tools', ['ids' => ['flush-cut']])->assertForbidden();
});
