<?php

declare(strict_types=1);

namespace Tests\Feature\Route;

use App\Models\Build\Build;
use Illuminate\Testing\TestResponse;
use Regimen\Route\Operations\FretboardOperation;

/** What the tests of this subject share. */
trait ShownRoute
{
    private const INLAY = [
        'kind' => 'add', 'name' => 'inlay the initials', 'stage' => 'fretboard', 'pieces' => ['fretboard'],
        'set_up' => '0:20', 'labour' => '3', 'hold' => '12 h', 'skill' => 'frets', 'station' => '', 'fixture' => '',
        'after' => [FretboardOperation::Taper->value], 'before' => [FretboardOperation::Glue->value],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    /** @param  array<string, mixed>  $change */
    private function change(Build $build, array $change, string $reason = ''): TestResponse
    {
        return $this->post(
            "/builds/{$build->number}/route/changes",
            [...$change, 'reason' => $reason, 'version' => $build->refresh()->route_version],
        );
    }
}
