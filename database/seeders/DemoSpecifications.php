<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Kit\MeasurePart;
use App\Actions\Specification\AcceptFinding;
use App\Actions\Specification\ReleaseSpecification;
use App\Actions\Specification\SaveHouseModel;
use App\Actions\Specification\SaveSpecification;
use App\Actions\Specification\StartRevision;
use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\People\Person;

/** House models of the demo shop, and the specifications that show what can happen to one. */
final class DemoSpecifications
{
    /** Name, whether it is what the house takes, and what it says. */
    private const MODELS = [
        [
            'Bench six-string',
            true,
            [
                'type' => 'guitar', 'nutWidth' => '1 11/16"', 'headThickness' => '15', 'rodDepth' => '9',
                'rodWidth' => '6', 'contours' => 'forearm_and_belly',
            ],
        ],
        [
            'Bench four-string',
            true,
            [
                'type' => 'bass', 'scale' => '34"', 'nutWidth' => '1 1/2"',
                'layers' => [['timber' => 'white ash', 'thickness' => '43']],
            ],
        ],
        [
            'Short carved-look',
            false,
            [
                'type' => 'guitar', 'scale' => '24 3/4"', 'joint' => 'set', 'neckTimber' => 'true mahogany',
                'outline' => 'pebble', 'tunerLayout' => 'both_sides', 'tunerSpacing' => '38',
                'layers' => [
                    ['timber' => 'bigleaf maple', 'thickness' => '7'],
                    ['timber' => 'true mahogany', 'thickness' => '38'],
                ],
            ],
        ],
        [
            'Hollow leaf',
            false,
            [
                'type' => 'guitar',
                'outline' => 'leaf',
                'body' => 'semi-hollow',
                'bodyWidth' => '370',
                'layers' => [
                    ['timber' => 'sugar maple', 'thickness' => '5'], ['timber' => 'Spanish-cedar', 'thickness' => '40'],
                ],
            ],
        ],
    ];

    public static function models(Person $manager): void
    {
        foreach (self::MODELS as [$name, $isDefault, $body]) {
            app(SaveHouseModel::class)($manager, null, 0, $name, $body, $isDefault);
        }
    }

    public static function release(Person $manager, Build $build): void
    {
        app(ReleaseSpecification::class)($manager, $build, 1);
    }

    /** A second revision in the making, an accepted warning, and a bridge that is not what its sheet said. */
    public static function finish(Person $manager, Build $changing, Build $measured): void
    {
        $revision = app(StartRevision::class)($manager, $changing);
        app(SaveSpecification::class)($manager, $changing, $revision->version, [
            ...$revision->client, 'scale' => '26 1/2"', 'frets' => '24', 'neckAngle' => '0.5°',
            'markerDiameter' => '4.5', 'headThickness' => '14',
            'actionTreble' => '1.6', 'actionBass' => '2.0', 'heelThickness' => '27', 'screwLength' => '45',
        ]);
        app(AcceptFinding::class)(
            $manager, $changing, $revision->version + 1, 'season-layers',
            'The client keeps it in a room with a humidifier and knows.',
        );
        $line = KitLine::query()
            ->where('build_id', $measured->id)
            ->where('name', 'bridge')
            ->where('state', '!=', 'needed')
            ->first();
        app(MeasurePart::class)(
            $manager, $measured, $line, 'neck', $line === null ? 'heelWidth' : 'bridgeMost',
            $line === null ? '57' : '12.8', 'caliper',
        );
    }
}
