<?php

declare(strict_types=1);

namespace Tests\Feature\Stores;

use App\Models\Stores\Board;
use Illuminate\Testing\TestResponse;

/** A shop in which boards are taken in and cut. */
trait CutsBoards
{
    private const BOARD = ['species' => 'red alder', 'length' => '1100', 'width' => '350', 'thickness' => '52', 'cost' => '98.51', 'cut' => 'flat-sawn', 'moisture' => '8,5'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->at('2026-03-18 09:12');
    }

    /** @param  array<string, string>  $said */
    private function takeIn(array $said = []): Board
    {
        $this->actingAs($this->manager)->post('/timber/boards', [...self::BOARD, ...$said])->assertSessionHasNoErrors();

        return Board::query()->latest('id')->firstOrFail();
    }

    /** @return array<string, mixed> what the page sends to have it cut */
    private function asPlanned(Board ...$boards): array
    {
        $ids = array_map(static fn (Board $one): int => $one->id, $boards);
        $page = $this->actingAs($this->manager)->get('/timber/cutting?'.http_build_query(['boards' => $ids]))->assertOk();
        $needs = array_filter($page->inertiaProps('needs'), static fn (array $one): bool => $one['chosen']);

        return [
            'boards' => $ids, 'needs' => array_values(array_column($needs, 'key')), 'at' => $page->inertiaProps('at'),
            'versions' => array_column($page->inertiaProps('boards'), 'version', 'board'),
        ];
    }

    private function cut(Board ...$boards): TestResponse
    {
        return $this->post('/timber/cutting/cut', $this->asPlanned(...$boards));
    }
}
