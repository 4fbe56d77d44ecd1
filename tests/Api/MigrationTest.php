<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

/*
 * A migration that has landed is never changed: databases that have run it would be another than those that have not. What has to
 * be another is another migration; its line is added here.
 */
const LANDED = [
    '2026_11_25_000001_create_shops_and_people.php' => '3d8fd3b9f473932a8822540d79859dcb502d24db8cb4779c22d7ad2bee21cc58',
    '2026_11_25_000002_create_catalogue.php' => '639c7e55f30d67768e12a0c17dd3a2b49aeac23ab2150179df88698791c14813',
    '2026_11_25_000003_create_kits_and_scopes.php' => 'd96a8f9951b34b91e11634220db90d143b9cb7a6b2cd98097c8b03b036b48537',
    '2026_11_25_000004_create_access_tokens.php' => 'e5885ab63b73d95d0add290f1160962d15dda780fefcbd201ab7f94d5be85413',
    '2026_11_25_000005_sleeves_places_and_hands.php' => '7e2c54ae4c962f33ccc32b2ac4abc41ec02897b316839058ade4179086a3d901',
    '2026_11_25_000006_who_took_an_import_back.php' => '641b00dd24a462fecb0afc69fc4735d7bcc6d6577254b9e8d8af4e423e01036a',
    '2026_11_26_000007_history_aliases_and_sheets.php' => '6e1a1942140a95f0dd1f90a598b422224c418c74e9f8950343bceba9fb2dc4d2',
    '2026_11_26_000008_accepted_plans.php' => '283a61b972f2086dc9c5d8c16f9cec208ddec396d213bb3eee76f722b872f396',
    '2026_11_29_000009_strands_and_plastic.php' => '957f38f7fe061c174ecd8b9a8b216dfbe670f5de115b88f9b51f28ab5c66c5c9',
    '2026_11_30_000010_what_a_history_shows.php' => '820b30f6bbc301eb778fa58cf4262c29701c9fba8a437ae8eb023ba84518a674',
    '2026_11_30_000011_a_torque_as_it_was_written.php' => '6ef96fe64b80047b295ff7e074c8fc4b37acf0b279412317c4d8b9f1a0951ad8',
    '2026_11_30_000012_indexes_on_what_is_asked.php' => 'a8435db78361d3894a8d5f816ee5c8ace23b84e097c13a753aceb5aa8f609b77',
    '2026_11_30_000013_names_as_they_are_compared.php' => 'fe12e3f24602174e7e2719943bf2ded6f2a94d3fe8fabe1f7b585a88b86ad9dd',
    '2026_11_30_000014_the_currency_of_a_shop.php' => '17e94c4665bb213234311c6966a1693bda163e99f7d4a6ea6e7441267ee6e597',
    '2026_11_30_000015_what_is_proposed.php' => '723849df3a2c3c6c2426b212e98f73254bbff0f74b8b2bca94b7b85d180ac832',
    '2026_11_30_000016_dues_and_kits_that_share.php' => 'e3952900d145927bc5c25c190768b537e6f3fbe5efc685225c19f1fd7d77a49b',
    '2026_12_01_000017_people_things_and_the_log.php' => 'e5f5021cf4bc7022fe419048223f9f9e2aa58c20d10c611259f3bd34c45938ea',
    '2026_12_01_000018_a_calendar_of_dues.php' => 'd9510c52e602afbb4e01b90ea57e9e7930b63364c6032e776d0b13c01991f670',
    '2026_12_01_000019_things_that_can_go_back.php' => '0753e6c1ece9aaaede7b807b142acd696bef6906e49f7467baa3571cabce9baa',
    '2026_12_01_000020_who_an_account_is.php' => 'b6303c2dfee0c9548caf14260dde9b6ceca86777b2b6e8f25d3914a9ad452fc7',
    '2026_12_01_000021_who_comes_in.php' => '9dcd8c812479044e7d58fb067098b491040308b97a45752b0b4d39312190734d',
    '2026_12_01_000022_how_a_shop_tells_things.php' => '249f4ec3dfef12945d890285c65d58ecaff9c252f228f1871ec61d71e989ca59',
    '2026_12_02_000023_what_is_on_the_shelf.php' => 'dfe6597e6b02b6d1aba88d5ba6f9161b87cc8bcdffb4c07141c806ff19691a72',
    '2026_12_02_000024_what_was_timed.php' => '3cbd32d51b4244d25cb3de06f2240d8dcddbca0c4cbf3661961cb11601c19ee3',
    '2026_12_02_000025_work_by_the_piece.php' => 'a69e8e2070db624967630e9199532bc0dd1617b78c214b432446b3b0568c1aad',
    '2026_12_02_000026_classes.php' => '474b55261da1379be1fb38506c622d957644b7be3f0cbd384cf6c5ef381f4bf9',
    '2026_12_02_000027_timetables.php' => '8346ff1734d74a1fab4c0590f9b5ec740576a47ee3c0db37eb805f060673d325',
];

it('makes one torque of a figure and what was typed, where they say the same, in lines and in the history', function (): void {
    $migration = require database_path('migrations/2026_11_30_000011_a_torque_as_it_was_written.php');
    $shop = $this->demo();
    $migration->down();
    $line = static fn(int $at): int => $shop->lines()->orderBy('id')->offset($at)->value('id');
    $write = static fn(int $at, float $torque, string $typed): int => DB::table('lines')->where('id', $line($at))->update(['torque' => $torque, 'typed' => $typed]);
    $write(0, 1.694772, '{"torque": "15 lbf·in"}');
    $write(1, 2.5, '{"torque": "15 lbf·in"}');
    $write(2, 6.101181, '{"torque": "4,5 ft-lb"}');
    $write(3, 0.8, '{}');
    $kept = '{"changes":[{"list":"lines","id":"a","before":null,"after":{"id":"a","torque":1.694772,"typed":{"torque":"15 lbf·in"},"add":[]}}]}';
    $id = DB::table('changes')->insertGetId(['shop_id' => $shop->id, 'event' => 'added', 'description' => 'added', 'properties' => $kept, 'shown' => $kept, 'about' => '{lines/a}', 'log_name' => 'default', 'created_at' => now(), 'updated_at' => now()]);
    $migration->up();
    $torques = array_map(static fn(int $at): mixed => json_decode((string) DB::table('lines')->where('id', $line($at))->value('torque')), range(0, 3));
    $entry = DB::table('changes')->where('id', $id)->first();
    $becomes = '{"changes":[{"list":"lines","id":"a","before":null,"after":{"id":"a","torque":"15 lbf·in","add":[]}}]}';
    expect($torques)->toBe(['15 lbf·in', 2.5, '4,5 ft-lb', 0.8])
        ->and([$entry?->properties, $entry?->shown])->toBe([$becomes, $becomes]);
    $migration->down();
    expect(array_map(static fn(int $at): float => (float) DB::table('lines')->where('id', $line($at))->value('torque'), range(0, 3)))->toBe([1.694772, 2.5, 6.101181, 0.8]);
    $migration->up();
});

it('changes no migration that has landed', function (): void {
    $present = [];
    foreach (glob(base_path('database/migrations/*.php')) ?: [] as $file) {
        $present[basename($file)] = hash_file('sha256', $file);
    }
    expect($present)->toBe(LANDED);
});
