<?php

declare(strict_types=1);

namespace App\Planning\Plan;

use App\Models\Plan\Plan;
use App\Models\Plan\PlanHelp;
use App\Models\Plan\PlannedFinish;
use App\Models\Plan\PlanOffer;
use App\Models\Plan\PlanRequest;
use App\Support\Clock;
use Illuminate\Support\Facades\DB;

/**
 * A shop makes a dozen plans a day. Of old ones everything is kept that *How it moved* tells: when a finish moved, where to, and because of
 * what. A finish that is the same as in the plan before it, a plan that moved none, and offers and searches that were overtaken go.
 */
final readonly class Thinning
{
    private const DAYS = 14;

    /** A change that came out of an offer can be taken back for some time. */
    private const OFFER_DAYS = 90;

    /** So much is removed at a time, so that nobody waits for it. */
    private const AT_A_TIME = 2_000;

    /** A file of which this share is empty, in per cent, is written anew; a smaller one than so many pages never is. */
    private const EMPTY = 50;

    private const PAGES = 5_000;

    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(): void
    {
        $old = $this->clock->now()->subDays(self::DAYS);
        $before = (int) Plan::query()->where('made_at', '<', $old)->max('id');
        // What was planned last is what stands, however old it is.
        $before = min($before, (int) Plan::query()->max('id') - 1);
        foreach (PlannedFinish::query()->where('plan_id', '<=', $before)->distinct()->pluck('build_id') as $build) {
            $this->unmoved((int) $build, $before);
        }
        $this->inParts('plan_helps', PlanHelp::query()->where('plan_id', '<=', $before)->toBase());
        $this->inParts('plan_requests', PlanRequest::query()->where('plan_id', '<=', $before)->toBase());
        $this->inParts('plans', Plan::query()->where('plans.id', '<=', $before)->toBase()
            ->whereNotExists(static fn ($finishes) => $finishes->from('planned_finishes')->whereColumn('plan_id', 'plans.id')));
        $this->inParts('plan_offers', PlanOffer::query()->where('state', '!=', 'open')->where('at', '<', $this->clock->now()->subDays(self::OFFER_DAYS))->toBase());
        $this->makeRoom();
    }

    /** Finishes of a build that are where the plan before had them. */
    private function unmoved(int $build, int $before): void
    {
        $gone = DB::table(
            PlannedFinish::query()->where('build_id', $build)->where('plan_id', '<=', $before)->toBase()
                ->select(['id', 'finish'])
                ->selectRaw('lag(finish) over (order by plan_id) as before_finish, row_number() over (order by plan_id) as number'),
            'each',
        )->where('number', '>', 1)->whereRaw('finish is before_finish')->pluck('id');
        foreach ($gone->chunk(self::AT_A_TIME) as $some) {
            DB::transaction(static fn (): int => PlannedFinish::query()->whereKey($some->all())->delete());
        }
    }

    private function inParts(string $table, \Illuminate\Database\Query\Builder $gone): void
    {
        foreach ($gone->pluck("{$table}.id")->chunk(self::AT_A_TIME) as $some) {
            DB::transaction(static fn (): int => DB::table($table)->whereIn('id', $some->all())->delete());
        }
    }

    private function makeRoom(): void
    {
        $pages = (int) DB::scalar('pragma page_count');
        if ($pages > self::PAGES && 100 * (int) DB::scalar('pragma freelist_count') > self::EMPTY * $pages) {
            DB::statement('vacuum');
        }
    }
}
