<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\Build;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

/** What the tests of this subject share. */
trait ChangedRoute
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
        $this->build = $this->build();
    }

    /** @param  array<string, mixed>  $change */
    private function change(array $change, string $reason = ''): TestResponse
    {
        return $this->post(
            '/builds/1/route/changes',
            [...$change, 'reason' => $reason, 'version' => $this->build->refresh()->route_version],
        );
    }

    private function linked(string $before, string $after): bool
    {
        return $this->reason($before, $after) !== null;
    }

    private function reason(string $before, string $after): ?string
    {
        return DB::table('operation_links as l')
            ->join('operations as a', 'a.id', '=', 'l.before_id')->join('operations as b', 'b.id', '=', 'l.after_id')
            ->where('l.build_id', $this->build->id)->where('a.key', $before)->where('b.key', $after)->value('l.reason');
    }
}
