<?php

declare(strict_types=1);

namespace Regimen\Tests\Drawing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Regimen\Drawing\BodyTemplate;
use Regimen\Drawing\Drawings;
use Regimen\Drawing\FrontView;
use Regimen\Drawing\Shape;
use Regimen\Drawing\View;
use Regimen\Figures\FigureBook;
use Regimen\Figures\Workings;
use Regimen\Findings\Checks\RuleBook;
use Regimen\Formats\Drawings\SvgFile;
use Regimen\Formats\Tables;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldKind;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Instrument\Reading\SpecificationReader;
use Regimen\Tests\Specifications;

final class DrawingsTest extends TestCase
{
    private const HOSTILE = [
        '', '0', '-1', '0.0001', '1e999', 'NaN', '99999999', 'wide', '1/0', "\0", '½', '<script>', '5 5 5', '100000 mm',
        '-1e3', "'; DROP TABLE", '٣',
    ];

    /** @return iterable<string, array{Field}> */
    public static function fields(): iterable
    {
        foreach (SpecificationFields::all() as $key => $field) {
            yield $key => [$field];
        }
    }

    #[DataProvider('fields')]
    public function test_whatever_is_typed_into_a_field_is_refused_or_drawn_with_finite_figures(Field $field): void
    {
        $typed = array_map(
            static fn (mixed $one): mixed => $field->kind === FieldKind::Rows
                ? [
                    [
                        ...array_fill_keys(
                            array_map(static fn (Field $column): string => $column->key, $field->columns),
                            $one,
                        ),
                    ],
                ]
                : $one,
            self::HOSTILE,
        );
        $typed = in_array(
            $field->kind,
            [FieldKind::Text, FieldKind::Prose, FieldKind::Positions, FieldKind::Rows],
            true,
        )
            ? array_diff_key($typed, [5 => true])
            : $typed;
        $bounds = $field->bounds === null || $field->kind === FieldKind::Rows ? [] : array_map(
            static fn (float $bound): string => rtrim(rtrim(sprintf('%.4f', $bound), '0'), '.')
                .($field->kind === FieldKind::Mass ? ' g' : ''),
            $field->bounds,
        );
        $types = getenv('REGIMEN_LONG') === '1' ? ['guitar', 'bass'] : [['guitar', 'bass'][strlen($field->key) % 2]];
        foreach ([...$typed, ...$bounds, ['x' => ['y']], [], 5, true] as $one) {
            foreach ($types as $type) {
                $read = SpecificationReader::read(['type' => $type, $field->key => $one]);
                if ($read->specification === null) {
                    self::assertNotSame([], $read->problems);
                    self::assertContainsOnly('string', $read->problems);

                    continue;
                }
                $this->assertSound(Workings::from($read));
            }
        }
    }

    public function test_extremes_together_are_sound_as_well(): void
    {
        mt_srand(7);
        $sound = 0;
        $rounds = getenv('REGIMEN_LONG') === '1' ? 600 : 60;
        for ($round = 0; $round < $rounds; $round++) {
            $typed = ['type' => ['guitar', 'bass', 'flat-top'][mt_rand(0, 2)]];
            foreach (SpecificationFields::all() as $key => $field) {
                if ($field->bounds !== null && $field->kind !== FieldKind::Rows && mt_rand(0, 5) === 0) {
                    $share = [0.0, 1.0, mt_rand(0, 1000) / 1000][mt_rand(0, 2)];
                    $value = $field->bounds[0] + ($field->bounds[1] - $field->bounds[0]) * $share;
                    $typed[$key] = (
                        $field->kind === FieldKind::Whole ? (string) round($value) : sprintf('%.3f', $value)
                    )
                        .($field->kind === FieldKind::Mass ? ' g' : '');
                } elseif ($field->options !== [] && $key !== 'type' && mt_rand(0, 5) === 0) {
                    $typed[$key] = array_keys($field->options)[mt_rand(0, count($field->options) - 1)];
                }
            }
            foreach ([
                'scale', 'frets', 'joinFret', 'boardLength', 'strings', 'nutWidth', 'lastWidth', 'body',
            ] as $mostlyRight) {
                if (mt_rand(0, 9) > 0) {
                    unset($typed[$mostlyRight]);
                }
            }
            $read = SpecificationReader::read($typed);
            if ($read->specification !== null) {
                $this->assertSound(Workings::from($read));
                $sound++;
            }
        }
        self::assertGreaterThan($rounds / 5, $sound);
    }

    private function assertSound(Workings $workings): void
    {
        foreach (FigureBook::figures($workings) as $figure) {
            self::assertTrue(is_finite($figure->value), "{$figure->key} is a number");
            self::assertDoesNotMatchRegularExpression('/\b(NAN|INF)\b/i', $figure->formula);
        }
        foreach (RuleBook::judge($workings) as $finding) {
            self::assertDoesNotMatchRegularExpression('/\b(NAN|INF)\b/i', $finding->figures);
        }
        foreach ([
            ...Drawings::views($workings), ...array_values(Drawings::templates($workings)), FrontView::small($workings),
        ] as $view) {
            $this->assertInsideItsFrame($view);
        }
    }

    private function assertInsideItsFrame(View $view): void
    {
        $along = $view->along();
        $across = $view->across();
        self::assertTrue(
            is_finite($along->from) && is_finite($along->to) && is_finite($across->from) && is_finite($across->to),
            $view->key,
        );
        self::assertLessThan(6000, $along->length() + $across->length(), $view->key);
        $inside = true;
        foreach ($view->shapes as $shape) {
            foreach ($shape->points as $point) {
                $inside = $inside && (
                    $point->x >= $along->from - 1e-6 && $point->x <= $along->to + 1e-6
                        && $point->y >= $across->from - 1e-6 && $point->y <= $across->to + 1e-6
                );
            }
        }
        self::assertTrue($inside, $view->key);
    }

    public function test_there_is_a_view_for_everything_that_is_asked_about_an_instrument(): void
    {
        $views = Drawings::views(
            Specifications::workings(
                [
                    'layers' => [
                        ['timber' => 'black walnut', 'thickness' => '6'],
                        ['timber' => 'white ash', 'thickness' => '39'],
                    ],
                ],
            ),
        );
        self::assertSame(
            ['front', 'side', 'sections', 'layers', 'head', 'board'],
            array_map(static fn (View $view): string => $view->key, $views),
        );
        foreach ($views as $view) {
            self::assertNotSame(
                [],
                array_filter($view->shapes, static fn (Shape $shape): bool => $shape->isDimension()),
                "{$view->key} has dimensions",
            );
        }
        $colours = array_column(
            array_map(static fn (Shape $shape): array => ['fill' => $shape->fill], $views[0]->shapes),
            'fill',
        );
        self::assertContains(
            \Regimen\Timber\Species::named('black walnut')->colour, $colours, 'the top is drawn in its timber',
        );
    }

    public function test_a_left_handed_one_is_the_mirror_image(): void
    {
        $right = BodyTemplate::draw(Specifications::workings());
        $left = BodyTemplate::draw(Specifications::workings(['hand' => 'left']));
        self::assertEqualsWithDelta($right->across()->from, -$left->across()->to, 1e-6);
        $horn = static fn (View $view): float => array_reduce(
            $view->shapes[0]->points,
            static fn (?object $far, object $point): object => $far === null || $point->x < $far->x ? $point : $far,
        )->y;
        self::assertGreaterThan(
            0,
            $horn($right),
            'with the head to the left, the long horn of a right-handed one is below, on the bass side',
        );
        self::assertLessThan(0, $horn($left));
    }

    public function test_the_fretboard_template_is_at_one_to_one_with_a_layer_for_each_kind_of_line(): void
    {
        $workings = Specifications::workings();
        $svg = new \SimpleXMLElement(SvgFile::write(Drawings::templates($workings)['fretboard']));
        self::assertSame(
            ['outline', 'slots', 'markers', 'centre'],
            array_map(
                static fn (\SimpleXMLElement $group): string => (string) $group['id'],
                iterator_to_array($svg->g, false),
            ),
        );
        self::assertStringEndsWith('mm', (string) $svg['width']);
        self::assertSame(
            (float) $svg['width'], (float) explode(' ', (string) $svg['viewBox'])[2], 'a unit is a millimetre',
        );
        preg_match('/^M([\d.]+) /', (string) $svg->g[1]->path[11]['d'], $twelfth);
        self::assertEqualsWithDelta(323.85, (float) $twelfth[1], 0.001);
        self::assertCount(22, $svg->g[1]->path);
    }

    public function test_tables_agree_with_published_fret_tables(): void
    {
        [$heads, $rows] = Tables::frets(Specifications::workings());
        self::assertSame('from the nut, in', $heads[3]);
        self::assertSame(array_map(strval(...), range(1, 22)), array_column($rows, 0));
        // Source: CALCULATIONS G1; published tables for 25 1/2 in agree to 0.001 in.
        self::assertSame(
            ['1.431', '6.397', '12.750', '18.344'], [$rows[0][3], $rows[4][3], $rows[11][3], $rows[21][3]],
        );
        self::assertSame('12 3/4"', $rows[11][2]);
        // From fret to fret: 25.5 · (2^(−11/12) − 2^(−1)) = 0.758 in.
        self::assertSame(['1.431', '0.758'], [$rows[0][5], $rows[11][5]]);
        self::assertSame(['36.35', '19.26'], [$rows[0][4], $rows[11][4]]);
        $csv = Tables::csv(Tables::strings(Specifications::workings()));
        self::assertSame(7, substr_count($csv, "\r\n"));
        self::assertStringStartsWith('string,note,Hz,"gauge, in"', $csv);
    }
}
