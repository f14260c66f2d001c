<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Checks\Electrics\SpreadAgain;
use Regimen\Findings\Finding;
use Regimen\Instrument\Electrics\PickupKind;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Units\Words;

/** The neck pickup’s cavity leaves timber at the pocket. */
final class PickupAtPocket implements Check
{
    public function judge(Workings $w): iterable
    {
        $s = $w->specification;
        $pocketEnds = $w->body()->begins + $s->joinery->pocketLength->mm;
        foreach ($s->electrics->pickups as $index => $pickup) {
            $begins = $s->middleScale()->mm - $pickup->positionMm() - $pickup->kind->lengthMm() / 2;
            $wall = $begins - $pocketEnds;
            if ($pickup->kind !== PickupKind::Piezo && $wall < 4.0 && $s->joinery->joint === NeckJoint::BoltOn) {
                $shorter = $s->joinery->pocketLength->mm - (6.0 - $wall);
                yield Finding::when(
                    $wall < 0.0 && $pickup->depth->mm > $s->joinery->pocketDepth->mm,
                    "pickup-pocket.{$index}",
                    'Cavity and neck pocket run together',
                )
                    ->says(
                        'Pocket to '.Words::number($pocketEnds, 0).', cavity from '.Words::mm($begins, 0)
                            .' from the nut.',
                    )
                    ->because('The pocket loses its end, and the heel stands on a thin tongue.')
                    ->at('pocketLength', "pickups.{$index}.position")
                    ->fix(
                        'Make the pocket '.Words::mm($shorter, 0).' long',
                        $shorter > 45 ? ['pocketLength' => Words::typed($shorter, 0)] : null,
                    )
                    ->fixBy([
                        [
                            'Move the pickup '.Words::mm(6.0 - $wall).' nearer the bridge',
                            $pickup->positionMm() - 6.0 + $wall >= 3.0 ? [
                                "pickups.{$index}.position" => Words::typed($pickup->positionMm() - 6.0 + $wall),
                            ] : null,
                        ],
                        ['Spread all pickups again', SpreadAgain::all($w)],
                        [
                            'End the pocket just before the board’s end and spread all pickups again',
                            ['pocketLength' => '', ...SpreadAgain::all($w)],
                        ],
                        ['Make the pocket 45 mm long and spread all pickups again', ['pocketLength' => '45 mm', ...SpreadAgain::all($w)]],
                    ]);
            }
        }
    }
}
