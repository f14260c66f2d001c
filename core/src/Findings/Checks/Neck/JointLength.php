<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Neck;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Checks\Electrics\SpreadAgain;
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
                ->fixBy([
                    ['Make the pocket 70 mm long', ['pocketLength' => '70 mm']],
                    ['End the pocket just before the board’s end', ['pocketLength' => '']],
                    ['Make the pocket 55 mm long', ['pocketLength' => '55 mm']],
                    ['Make the pocket 50 mm long', ['pocketLength' => '50 mm']],
                    [
                        'Begin the body at fret '.($w->specification->joinery->joinFret - 2)
    .' and end the pocket just before the board’s end',
                        $w->specification->joinery->joinFret > 10 ? [
                            'pocketLength' => '', 'joinFret' => (string) ($w->specification->joinery->joinFret - 2),
                        ] : null,
                    ],
                    ['Make the pocket 50 mm long and put the pickups behind it', ['pocketLength' => '50 mm', ...self::behind($w, 50.0)]],
                    ['Make the pocket 55 mm long and spread the pickups again', ['pocketLength' => '55 mm', ...SpreadAgain::all($w)]],
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
                $w->specification->middleScale()->mm - $w->body()->begins - $pocket - 7.0 - $pickup->kind->lengthMm()
                    / 2,
            );
            if ($pickup->positionMm() > $most && $most > 3.0) {
                $changes["pickups.{$index}.position"] = Words::typed($most);
            }
        }

        return $changes;
    }
}
