<?php

declare(strict_types=1);

namespace Tests\Feature\Serving;

use App\Queries\House\RunningParts;
use App\Support\LastSeen;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\TestCase;

/** What a monitor is told. */
final class UpTest extends TestCase
{
    public function test_a_shop_that_can_be_worked_with_is_up_and_says_what_is_missing_beside_it(): void
    {
        $this->openShop();
        $this->get('/up')->assertOk()->assertExactJson(['shop' => 'ok', 'worker' => 'missing', 'clock' => 'missing']);
        $this->get('/up?all')->assertStatus(503);
        app(LastSeen::class)->note(RunningParts::BY_CLOCK);
        $this->get('/up')->assertExactJson(['shop' => 'ok', 'worker' => 'missing', 'clock' => 'ok']);
        $this->get('/up')->assertCookieMissing(config('session.cookie'));
    }

    public function test_a_shop_that_is_older_than_the_program_or_cannot_be_read_is_not_up(): void
    {
        $this->openShop();
        DB::table('migrations')->orderByDesc('id')->limit(1)->delete();
        $this->get('/up')->assertStatus(503)->assertJsonPath('shop', 'older than the program');
        Schema::drop('migrations');
        $this->get('/up')->assertStatus(503)->assertJsonPath('shop', 'cannot be read');
    }
}
