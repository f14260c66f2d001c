<?php

declare(strict_types=1);

namespace Regimen\Findings\Checks\Whole;

use Regimen\Figures\Workings;
use Regimen\Findings\Check;
use Regimen\Findings\Finding;

/** Every wish has an answer in the specification. */
final class Wishes implements Check
{
    private const ANSWERS = [
        '/light|weigh|heavy|shoulder|back hurts|\d\s*(?:kg|lbs?)\b/iu' => [
            ['targetWeight'], 'Agree on 3.4 kg', ['targetWeight' => '3.4 kg'],
        ],
        '/quiet|hum|noise|buzz-free/iu' => [['shielding'], 'Shield it with paint', ['shielding' => 'paint']],
        '/low action|easy to play|soft touch|tight low/iu' => [
            ['actionTreble', 'actionBass', 'gauges'], 'Set the action to 1.5 and 1.8 mm',
            ['actionTreble' => '1.5', 'actionBass' => '1.8'],
        ],
        '/(thin|slim|fast|thick|fat|full|chunky)[^,]*neck|neck[^,]*(thin|slim|fills|full|fat)/iu' => [
            ['thicknessFirst', 'thicknessTwelfth', 'profile'], null, [],
        ],
        '/wide|narrow|fingers|space between/iu' => [['nutWidth', 'bridgeSpread'], null, []],
        '/flat(ter)? (board|radius)|bend/iu' => [['radius', 'radiusEnd'], 'Take a radius of 16"', ['radius' => '16"']],
        '/warm|dark|bright|clear|voice|tone|sound|plays? like/iu' => [
            ['pickups', 'capacitors', 'pots', 'layers', 'scale'], null, [],
        ],
        '/shin(e|y|es)|matt|gloss|satin|plain|natural|colou?r|red|blue|green|black|burst|stain/iu' => [
            ['finish', 'colour', 'neckFinish', 'finishSteps'], null, [],
        ],
        '/back of the neck|raw neck|bare neck/iu' => [['neckFinish'], 'Put oil on the neck', ['neckFinish' => 'oil']],
        '/baritone|low tuning|drop|tun(e|ing)/iu' => [['tuning', 'scale'], null, []],
        '/travel|case|short/iu' => [['scale', 'headLength', 'bodyWidth'], null, []],
    ];

    public function judge(Workings $w): iterable
    {
        $wishes = preg_split('/[\n;]+|\.+(?!\d)/u', $w->specification->brief->wishes, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        foreach (array_values(
            array_filter(array_map(trim(...), $wishes), static fn (string $wish): bool => mb_strlen($wish) > 2),
        ) as $wish) {
            $subjects = 0;
            $open = [];
            foreach (self::ANSWERS as $pattern => [$fields, $fix, $change]) {
                if (preg_match($pattern, $wish) === 1) {
                    $subjects++;
                    if (! self::answered($w, $fields)) {
                        $open[] = [$fields, $fix, $change];
                    }
                }
            }
            if ($subjects > 0 && $open === []) {
                continue;
            }
            $finding = Finding::note(
                'wish.'.substr(hash('sha256', mb_strtolower($wish)), 0, 8), 'Wish without an answer',
            )
                ->says(
                    '“'.mb_substr($wish, 0, 120).'”: '.(
                        $subjects === 0
                            ? 'nothing in the specification speaks of it.'
                            : 'the specification leaves it to the house.'
                    ),
                )
                ->because(
                    'What the client has said should be found again in what is built. Answer it, or accept it with '
                        .'what '
                    .'was '
                    .'agreed.',
                )
                ->at('wishes', ...array_merge([], ...array_column($open, 0)));
            yield $finding->fixBy(self::together($wish, $open));
        }
    }

    /**
     * All that is open about a wish at once; nothing where some of it only a person can answer.
     *
     * @param  list<array{list<string>, string|null, array<string, string>}>  $open
     * @return iterable<array{string, array<string, string>}>
     */
    private static function together(string $wish, array $open): iterable
    {
        if ($open === [] || in_array(null, array_column($open, 1), true)) {
            return;
        }
        $changes = array_merge(...array_column($open, 2));
        $words = array_column($open, 1);
        if (
            isset($changes['targetWeight'])
            && preg_match('/(\d+(?:[.,]\d+)?)\s*(kg|lbs?)\b/iu', $wish, $weight) === 1
        ) {
            $said = str_replace(',', '.', $weight[1]).' '.mb_strtolower($weight[2]);
            $words = str_replace('Agree on '.$changes['targetWeight'], "Agree on {$said}", $words);
            $changes['targetWeight'] = $said;
        }
        yield [implode(', ', $words), $changes];
    }

    /** @param  list<string>  $fields */
    private static function answered(Workings $w, array $fields): bool
    {
        return array_filter($fields, $w->clientSays(...)) !== [];
    }
}
