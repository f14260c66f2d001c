<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Strings;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;
use Regimen\Strings\Gauge;
use Regimen\Strings\Note;

/** Tuning and gauges run from the treble. */
final class StringOrder implements Check
{
    public function judge(Workings $w): iterable
    {
        $stringing = $w->specification->stringing;
        $gauges = array_map(static fn (Gauge $one): float => -$one->diameter->mm, $stringing->gauges);
        $notes = array_map(static fn (Note $one): float => $one->frequency(), $stringing->tuning);
        $thick = self::rises($gauges) && $w->clientSays('gauges');
        $high = self::rises($notes) && $w->clientSays('tuning');
        $changes = [
            ...$thick ? [
                'gauges' => implode(
                    ' ',
                    array_reverse(array_map(static fn (Gauge $one): string => $one->typed(), $stringing->gauges)),
                ),
            ] : [],
            ...$high ? [
                'tuning' => implode(
                    ' ',
                    array_reverse(array_map(static fn (Note $one): string => $one->name, $stringing->tuning)),
                ),
            ] : [],
            ...$thick && $stringing->unitMasses !== [] ? [
                'unitMasses' => implode(
                    ' ',
                    array_map(
                        static fn (?float $mass): string => $mass === null ? '-' : (string) $mass,
                        array_reverse($stringing->unitMasses),
                    ),
                ),
            ] : [],
        ];
        if ($changes !== []) {
            $what = implode(' and ', [...$high ? ['tuning'] : [], ...$thick ? ['gauges'] : []]);
            yield Finding::stop('strings-reversed', ucfirst($what).' the other way round')
                ->says(
                    'They begin with '.($high ? $stringing->tuning[0]->name : $stringing->gauges[0]->inWords()).'.',
                )
                ->because('Strings are listed from the treble; every figure of a string would belong to another one.')
                ->at(...[...$high ? ['tuning'] : [], ...$thick ? ['gauges'] : []])
                ->fixBy(
                    [
                        ['Turn them round', $changes],
                        ['Take the usual set and tuning', ['gauges' => '', 'tuning' => '', 'unitMasses' => '']],
                    ],
                );
        }
    }

    /**
     * Whether the second half lies higher than the first, taken together; one odd course does not decide.
     *
     * @param  list<float>  $values
     */
    private static function rises(array $values): bool
    {
        $half = intdiv(count($values), 2);

        return array_sum(array_slice($values, 0, $half)) < array_sum(array_slice($values, -$half));
    }
}
