<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Checks\Electrics\SpreadAnew;
use Regimen\Findings\Finding;
use Regimen\Instrument\Neck\NeckJoint;
use Regimen\Units\Words;

/** The joint is long enough. */
final class JointLength implements Check
{
    public function judge(Workings $w): iterable
    {
        $joint = $w->specification->joinery;
        if (in_array($joint->joint, [NeckJoint::BoltOn, NeckJoint::Set], true) && $joint->pocketLength->mm < 50.0) {
            yield Finding::warn('joint-length', 'Short joint')
                ->says(Words::mm($joint->pocketLength->mm, 0).' long; 65 to 85 is usual.')
                ->because('Leverage of the strings opens it.')
                ->at('pocketLength')
                ->mendBy([
                    ['pocket 70 long', ['pocketLength' => '70 mm']],
                    ['pocket to just before the board’s end', ['pocketLength' => '']],
                    ['pocket 55 long', ['pocketLength' => '55 mm']],
                    ['pocket 50 long', ['pocketLength' => '50 mm']],
                    [
                        'body from fret '.($w->specification->joinery->joinFret - 2)
                            .', pocket to just before the board’s end',
                        $w->specification->joinery->joinFret > 10 ? [
                            'pocketLength' => '', 'joinFret' => (string) ($w->specification->joinery->joinFret - 2),
                        ] : null,
                    ],
                    ['pocket 50 long, pickups behind it', ['pocketLength' => '50 mm', ...self::behind($w, 50.0)]],
                    ['pocket 55 long, pickups spread anew', ['pocketLength' => '55 mm', ...SpreadAnew::all($w)]],
                ]);
        }
    }

    /**
     * Pickups whose cavities would run into a pocket so long stand just behind it.
     *
     * @return array<string, string>
     */
    private static function behind(Workings $w, float $pocket): array
    {
        $changes = [];
        foreach ($w->specification->electrics->pickups as $index => $pickup) {
            $most = Words::down(
                $w->specification->board->scale->mm - $w->body()->begins - $pocket - 7.0 - $pickup->kind->lengthMm()
                    / 2,
            );
            if ($pickup->positionMm() > $most && $most > 3.0) {
                $changes["pickups.{$index}.position"] = Words::typed($most);
            }
        }

        return $changes;
    }
}
