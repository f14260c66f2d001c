<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Build;
use App\Models\OperationLink;
use App\Support\Clock;
use App\Support\Minutes;
use Illuminate\Database\Eloquent\Builder as Query;
use Illuminate\Database\Eloquent\Collection;
use Regimen\Schedule\Activity;
use Regimen\Schedule\Due;
use Regimen\Schedule\Problem;

/** All open builds together, as one problem for the core. */
final readonly class ShopProblem
{
    public function __construct(private House $house, private Activities $activities, private Clock $clock)
    {
    }

    /**
     * @param  list<Activity>  $draft  a build that is only thought of, planned behind everything already promised and
     *                                 before what nobody has been promised
     */
    public function assemble(array $draft = [], string $draftBuild = 'draft'): Problem
    {
        $now = Minutes::of($this->clock->now());
        $activities = [];
        $dues = [];
        $capacities = $this->house->capacities();
        $links = OperationLink::query()->whereIn('build_id', Build::query()->open()->select('id'))->get()->toBase()->groupBy('after_id');
        foreach ($this->builds() as $build) {
            $key = "b{$build->id}";
            array_push($activities, ...$this->activities->ofBuild($build, $links));
            $dues[$key] = $build->promised_on === null
                ? new Due(null, round: 2)
                : new Due(Minutes::endOfDay($build->promised_on, $this->house->zone()));
            $capacities += $this->activities->pieces($key);
        }
        if ($draft !== []) {
            array_push($activities, ...$draft);
            $dues[$draftBuild] = new Due(null, round: 1);
            $capacities += $this->activities->pieces($draftBuild);
        }

        return new Problem($now, $activities, $this->house->workers($now), $capacities, $dues);
    }

    /** @return Collection<int, Build> */
    private function builds(): Collection
    {
        return Build::query()->open()
            ->with(['operations' => self::unfinished(...), 'kit'])
            ->orderBy('number')
            ->get();
    }

    /** @param  \Illuminate\Database\Eloquent\Relations\HasMany<\App\Models\Operation, Build>|Query<\App\Models\Operation>  $operations */
    private static function unfinished(mixed $operations): void
    {
        $operations->where('state', '!=', 'done')->with('runningClocks')->withSum('timeEntries as worked_minutes', 'minutes');
    }
}
