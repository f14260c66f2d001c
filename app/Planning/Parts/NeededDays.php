<?php

declare(strict_types=1);

namespace App\Planning\Parts;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Planning\House\House;
use App\Planning\Problem\LeadTimes;
use Regimen\Parts\PartGroup;
use Regimen\Route\OperationState;

/** When the first work is planned that needs what is in a kit, and when it has to be ordered for that. */
final class NeededDays
{
    /** @var array<string, string>|null days by build and group */
    private ?array $days = null;

    public function __construct(private readonly House $house, private readonly LeadTimes $leads)
    {
    }

    public function of(KitLine $line): ?string
    {
        $this->days ??= $this->read();

        return $this->days["{$line->build_id} {$line->group->value}"] ?? null;
    }

    /**
     * The first work with such a thing after a day.
     *
     * @return array{int, string}|null the build's id and the day
     */
    public function after(PartGroup $group, string $day): ?array
    {
        $this->days ??= $this->read();
        $found = null;
        foreach ($this->days as $key => $on) {
            [$build, $of] = explode(' ', $key);
            if ($of === $group->value && $on > $day && ($found === null || $on < $found[1])) {
                $found = [(int) $build, $on];
            }
        }

        return $found;
    }

    /** The last day on which it is ordered so that nine of ten times it is there on the day before its work (CALCULATIONS I5). */
    public function orderBy(KitLine $line): ?string
    {
        $needed = $this->of($line);

        return $needed === null ? null : self::before($needed, 1 + LeadTimes::wholeDays($this->leads->of($line->supplier, $line->group, $line->lead_days)->ninthDecile()));
    }

    public static function before(string $day, int $days): string
    {
        return (new \DateTimeImmutable($day))->modify(($days < 0 ? '+' : '-').abs($days).' days')->format('Y-m-d');
    }

    /** Days from one to the other; negative where the other is earlier. */
    public static function between(string $from, string $to): int
    {
        $days = (new \DateTimeImmutable($from))->diff(new \DateTimeImmutable($to));

        return ($days->invert === 1 ? -1 : 1) * (int) $days->days;
    }

    /** @return array<string, string> */
    private function read(): array
    {
        $days = [];
        $operations = Operation::query()->whereIn('build_id', Build::query()->open()->select('id'))
            ->where('state', OperationState::Open->value)->where('needs', '!=', '[]')
            ->with('planned')->get();
        foreach ($operations as $operation) {
            $start = $operation->planned?->start;
            if ($start === null) {
                continue;
            }
            $day = $start->setTimezone($this->house->zone())->toDateString();
            foreach ($operation->needs as $group) {
                $key = "{$operation->build_id} {$group->value}";
                $days[$key] = min($days[$key] ?? $day, $day);
            }
        }

        return $days;
    }
}
