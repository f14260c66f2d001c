<?php

declare(strict_types=1);

namespace App\Queries\Setback;

use App\Actions\Plan\Changes\Changes;
use App\Actions\Plan\Changes\Kinds\UseRemedy;
use App\Models\Build\Build;
use App\Models\Setback\Setback;
use App\Pages\Setback\RemedyTried;
use App\Pages\Trying\EffectOnBuild;
use App\Planning\Setback\Remedies;
use App\Planning\Setback\RemedyAsked;
use App\Queries\Plan\Difference;
use App\Support\Say;
use Illuminate\Validation\ValidationException;
use Regimen\Setback\RemedyKind;

/** A remedy tried beside the plan of the whole shop, by the same change as it would be made with. */
final readonly class TriedRemedy
{
    public function __construct(private Difference $difference, private Changes $changes, private Remedies $remedies)
    {
    }

    public function of(Setback $setback, RemedyAsked $asked): RemedyTried
    {
        $setback->load(['build.specification', 'build.client', 'operation', 'resource', 'worker']);
        try {
            $effect = $this->difference->of([$this->changes->of(['kind' => UseRemedy::kind(), 'setback' => $setback->id, 'remedy' => $asked->body()])], everyBuild: true);
        } catch (ValidationException $refused) {
            return new RemedyTried(null, null, '', false, [], false, [], $refused->getMessage());
        }
        $own = null;
        $others = [];
        foreach ($effect->builds as $one) {
            $one->number === $setback->build->number ? $own = $one : $others[] = $one;
        }
        $moved = array_values(array_filter($others, static fn (EffectOnBuild $one): bool => $one->before?->finish !== $one->after->finish || $one->gained || $one->broken));

        return new RemedyTried(
            before: $own?->before?->finish, after: $own?->after->finish, promise: self::promise($own), late: $own?->after->late ?? false,
            others: array_map(self::moves(...), $moved), breaks: array_filter($moved, static fn (EffectOnBuild $one): bool => $one->broken) !== [],
            tell: $this->tell($setback, $asked, $own, $moved), refused: null,
        );
    }

    private static function promise(?EffectOnBuild $own): string
    {
        return match (true) {
            $own === null => 'it is given up',
            $own->after->promise === null => 'none',
            $own->after->late => $own->after->slack,
            default => "kept, {$own->after->slack}",
        };
    }

    private static function moves(EffectOnBuild $one): string
    {
        $said = "{$one->number} {$one->title} ";
        if ($one->before?->finish === null || $one->after->finish === null) {
            return $said.'cannot be planned';
        }
        $days = (int) (new \DateTimeImmutable($one->before->finish))->diff(new \DateTimeImmutable($one->after->finish))->format('%r%a');

        return $said.Say::count(abs($days), 'day').($days > 0 ? ' later' : ' sooner').match (true) {
            $one->broken => ', its promise breaks', $one->gained => ', its promise is kept then',
            $one->after->promise === null => ', no promise', default => ', still '.($one->after->late ? 'late' : 'kept'),
        };
    }

    /**
     * Clients whose date moves behind their promise, or whose instrument comes out otherwise than was agreed.
     *
     * @param  list<EffectOnBuild>  $moved
     * @return list<string>
     */
    private function tell(Setback $setback, RemedyAsked $asked, ?EffectOnBuild $own, array $moved): array
    {
        $tell = [];
        $client = $setback->build->client;
        if ($client !== null) {
            $shows = $asked->kind === RemedyKind::WriteOff ? ['there will be no such instrument'] : $this->remedies->find($setback, $asked->kind, $asked->option)->shows ?? [];
            $tell = array_map(static fn (string $what): string => "{$client->name}: {$what}", $shows);
            if ($own !== null && $own->broken && $own->after->finish !== null) {
                $tell[] = "{$client->name}: ready ".Say::day($own->after->finish).', not as promised';
            }
        }
        foreach ($moved as $one) {
            $name = $one->broken ? Build::query()->with('client')->where('number', $one->number)->first()?->client?->name : null;
            $name === null || $tell[] = "{$name}: {$one->number} is ready ".Say::day((string) $one->after->finish);
        }

        return $tell;
    }
}
