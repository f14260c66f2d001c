<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Commission\Commission;
use App\Models\Build\Purpose;
use Carbon\CarbonImmutable;
use Regimen\Units\Money;

/** The invented instruments and clients of the demo shop, and the days on which they were ordered. */
final class DemoBuilds
{
    public const LATE = 'Fennimore';

    public const TIGHT = 'Quayle';

    public const WAITS_FOR_PART = 'Osterby';

    public const WAITS_FOR_CLIENT = 'Marchetto';

    public const NOT_RELEASED = 'Lindqvist';

    public const IMMOVABLE = 'Castell';

    private const FINISHED = 30;

    /** Weeks ago, client or empty for stock, title, what differs from the house's six-string, price. */
    private const OPEN = [
        [
            8.9,
            '',
            'Stock bass',
            [
                'type' => 'bass', 'strings' => '4', 'scale' => '34"', 'nutWidth' => '1 1/2"', 'frets' => '21',
                'finish' => 'nitrocellulose', 'layers' => [['white ash', '43']],
            ],
            480_000,
        ],
        [
            8.2,
            'Clara Fennimore',
            'Fennimore',
            [
                'body' => 'chambered', 'outline' => 'leaf', 'joint' => 'set', 'finish' => 'nitrocellulose',
                'colour' => 'amber burst', 'layers' => [['bigleaf maple', '1/4"'], ['black walnut', '38']],
                'neckTimber' => 'true mahogany', 'scale' => '24 3/4"',
                'wishes' => 'Light on the shoulder, a warm voice, a neck that fills the hand.',
            ],
            690_000,
        ],
        [
            7.3,
            'Henrik Odell',
            'Odell',
            [
                'strings' => '7', 'nutWidth' => '48', 'frets' => '24', 'finish' => 'nitrocellulose',
                'layers' => [['black walnut', '1 3/4"']], 'boardTimber' => 'African ebony',
                'wishes' => 'Tight low string, no shine on the back of the neck.',
            ],
            560_000,
        ],
        [
            5.2,
            'Lucia Marchetto',
            'Marchetto',
            [
                'joint' => 'set', 'outline' => 'pebble', 'tunerLayout' => 'both_sides', 'tunerSpacing' => '38',
                'neckTimber' => 'true mahogany', 'layers' => [['true mahogany', '45']], 'scale' => '24 3/4"',
                'frets' => '22',
            ],
            540_000,
        ],
        [
            4.9,
            'Abel Quayle',
            'Quayle',
            [
                'body' => 'chambered', 'layers' => [['sugar maple', '6'], ['red alder', '39']], 'scale' => '27"',
                'nutWidth' => '44', 'colour' => 'walnut stain',
                'wishes' => 'A baritone that still plays like a guitar. Quiet on stage.',
            ],
            590_000,
        ],
        [
            4.2,
            '',
            'Summer show',
            [
                'body' => 'chambered', 'outline' => 'pebble',
                'layers' => [['black cherry', '8'], ['black cherry', '37']], 'boardTimber' => 'Indian rosewood',
                'pickups' => [['bridge', 'humbucker', '8.6k']],
            ],
            520_000,
        ],
        [
            3.6,
            'Jun Abara',
            'Abara',
            ['hand' => 'left', 'frets' => '24', 'boardTimber' => 'sugar maple', 'layers' => [['red alder', '1 3/4"']]],
            495_000,
        ],
        [
            3.1,
            'Greta Osterby',
            'Osterby',
            [
                'layers' => [['limba', '44']], 'finish' => 'nitrocellulose', 'colour' => 'sea green',
                'boardTimber' => 'Indian rosewood', 'shielding' => 'foil',
                'pickups' => [
                    ['neck', 'single-coil', '6.1k'], ['middle', 'single-coil', '6.2k'],
                    ['bridge', 'single-coil', '6.8k'],
                ],
            ],
            610_000,
        ],
        [
            2.4,
            'Piet Hallam',
            'Hallam',
            [
                'type' => 'bass', 'strings' => '5', 'scale' => '35"', 'nutWidth' => '47', 'frets' => '24',
                'layers' => [['black walnut', '5'], ['red alder', '38']],
            ],
            570_000,
        ],
        [
            1.5,
            'Noor Castell',
            'Castell',
            [
                'outline' => 'leaf', 'layers' => [['white ash', '45']], 'boardTimber' => 'sugar maple',
                'finish' => 'nitrocellulose', 'wishes' => 'Everything plain, nothing that shines except the frets.',
            ],
            520_000,
        ],
        [
            0.5,
            'Sami Lindqvist',
            'Lindqvist',
            [
                'joint' => 'set', 'body' => 'chambered',
                'layers' => [['western redcedar', '7'], ['true mahogany', '38']], 'scale' => '25"',
                'neckAngle' => '1.5°',
                'wishes' => "Light on the shoulder.\nQuiet on stage.\nMy grandfather’s initials, small.",
            ],
            640_000,
        ],
    ];

    private const CLIENTS = [
        'Ada Brook', 'Bruno Stell', 'Carla Winde', 'Dario Fenn', 'Elin Marsh', 'Frits Oake', 'Gwen Tarn', 'Hugo Vale',
        'Iva Moor', 'Jonas Reed', 'Kaja Thorn', 'Leo Dale',
    ];

    private const HOUSE = [
        'type' => 'guitar', 'strings' => '6', 'hand' => 'right', 'scale' => '25 1/2"', 'frets' => '22',
        'nutWidth' => '1 11/16"',
        'joint' => 'bolt-on', 'body' => 'solid', 'neckTimber' => 'sugar maple', 'boardTimber' => 'Indian rosewood',
        'layers' => [['red alder', '45']],
        'finish' => 'wiping-oil', 'electronics' => 'volume, tone, three-way switch',
    ];

    /** @return list<array{at: CarbonImmutable, slack: int, commission: Commission}> in the order of their days */
    public static function all(CarbonImmutable $now): array
    {
        return [...self::finished($now), ...self::open($now)];
    }

    /** @return list<array{at: CarbonImmutable, slack: int, commission: Commission}> */
    private static function finished(CarbonImmutable $now): array
    {
        $orders = [];
        for ($index = 0; $index < self::FINISHED; $index++) {
            $weeks = 79 - 2.0 * $index;
            $stock = $index % 5 === 4;
            $client = self::CLIENTS[$index % count(self::CLIENTS)];
            $change = [
                'joint' => mt_rand(0, 3) === 0 ? 'set' : 'bolt-on',
                'finish' => mt_rand(0, 2) === 0 ? 'nitrocellulose' : 'wiping-oil',
                'layers' => mt_rand(0, 2) === 0
                    ? [['black walnut', '6'], ['white ash', '39']]
                    : [[['red alder', 'white ash', 'true mahogany'][mt_rand(0, 2)], '45']],
                'frets' => (string) [21, 22, 24][mt_rand(0, 2)],
            ];
            $orders[] = self::order(
                $now, $weeks, $stock ? '' : $client, $stock ? 'Stock' : (string) preg_replace('/^.*\s/', '', $client),
                $change, 420_000 + 5_000 * mt_rand(0, 40), mt_rand(4, 15),
            );
        }

        return $orders;
    }

    /** @return list<array{at: CarbonImmutable, slack: int, commission: Commission}> */
    private static function open(CarbonImmutable $now): array
    {
        return array_values(
            array_map(
                static fn (array $row): array => self::order($now, $row[0], $row[1], $row[2], $row[3], $row[4], 8),
                self::OPEN,
            ),
        );
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array{at: CarbonImmutable, slack: int, commission: Commission}
     */
    private static function order(
        CarbonImmutable $now,
        float $weeksAgo,
        string $client,
        string $title,
        array $change,
        int $price,
        int $slack,
    ): array {
        $at = $now->subDays((int) round(7 * $weeksAgo))->setTime(9, 0);
        $specification = [...self::HOUSE, ...$change];
        $specification['layers'] = array_map(
            static fn (array $layer): array => ['timber' => $layer[0], 'thickness' => $layer[1]],
            $specification['layers'],
        );
        if (isset($specification['pickups'])) {
            $specification['pickups'] = array_map(
                static fn (array $pickup): array => [
                    'place' => $pickup[0], 'kind' => $pickup[1], ...isset($pickup[2]) ? ['resistance' => $pickup[2]] : [],
                ],
                $specification['pickups'],
            );
        }

        return [
            'at' => $at->utc(),
            'slack' => $slack,
            'commission' => new Commission(
                $client === '' ? Purpose::Stock : Purpose::Commission,
                $title,
                $client,
                $client === '' ? '' : mb_strtolower(strtok($client, ' ') ?: '').'@example.org',
                $specification,
                Money::ofMinor($price, 'EUR'),
                $client === '' ? null : Money::ofMinor((int) (round($price * 0.4 / 10_000) * 10_000), 'EUR'),
                null,
            ),
        ];
    }
}
