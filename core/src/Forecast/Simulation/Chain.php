<?php

declare(strict_types=1);

namespace Regimen\Forecast\Simulation;

use Regimen\Schedule\Tables\State;
use Regimen\Schedule\Tables\Tables;
use Regimen\Schedule\Tables\Wait;

/** The chain that decides: from what is over last back to what could not have been sooner. */
final class Chain
{
    /**
     * @param  array<int, string>  $causes  what was waited for last, by activity
     * @return array<string, true> kind and number of all that lies on it: `operation 12`, `person 2`, `place router`, `part Bridge`
     */
    public static function back(Tables $tables, State $state, int $last, array $causes = []): array
    {
        $on = [];
        for ($at = $last; $at >= 0 && ! isset($on["operation {$at}"]);) {
            $on["operation {$at}"] = true;
            $wait = $state->wait[$at] ?? Wait::NOTHING;
            $for = $state->for[$at] ?? -1;
            $of = $state->of[$at] ?? -1;
            if ($wait === Wait::PERSON || $wait === Wait::SITTING || $wait === Wait::AWAY) {
                $on['person '.$tables->people->workers[$state->person[$at]]->id] = true;
            } elseif (($wait === Wait::RESOURCE || $wait === Wait::OUTAGE || $wait === Wait::HOURS) && $of >= 0) {
                $on['place '.$tables->resources->names[$of]] = true;
            } elseif ($wait === Wait::RELEASE || ($wait === Wait::STARTED && isset($causes[$at]))) {
                $on['part '.($causes[$at] ?? $tables->activities[$at]->release->cause ?? '')] = true;
            } elseif ($wait === Wait::LINK && $for >= 0) {
                foreach ($tables->activities[$at]->predecessors as $one) {
                    if ($one->lagCause !== null && $one->lag > 0 && ($tables->index[$one->activity] ?? -1) === $for) {
                        $on["part {$one->lagCause}"] = true;
                    }
                }
            }
            $at = $for;
        }

        return $on;
    }
}
