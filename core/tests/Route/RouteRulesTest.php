<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use PHPUnit\Framework\TestCase;
use Regimen\Instrument\Finish\FinishSystem;
use Regimen\Instrument\Specification;
use Regimen\Parts\PartGroup;
use Regimen\Route\Link;
use Regimen\Route\Methods\Methods;
use Regimen\Route\Operation;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\Operations\TradeStandards;
use Regimen\Route\RouteDraft;
use Regimen\Route\Rules\Preparation\BriefAndDesign;
use Regimen\Route\Rules\RoutePlanner;
use Regimen\Route\Standards\Piece;
use Regimen\Tests\Specifications;
use Regimen\Timber\Species;
use Regimen\Units\Duration;

/** What single rules put on the route, with parts and pieces. */
final class RouteRulesTest extends TestCase
{
    public function test_open_pores_are_filled_under_lacquer_and_left_under_oil(): void
    {
        self::assertContains(FinishOperation::Fill->value, self::keysOf(self::lacqueredAsh()));
        self::assertNotContains(
            FinishOperation::Fill->value,
            self::keysOf(Specifications::sixString(['layers' => [Specifications::layer('white ash', 45)]])),
        );
        self::assertNotContains(
            FinishOperation::Fill->value,
            self::keysOf(Specifications::sixString(['finish' => FinishSystem::Nitrocellulose])),
        );
    }

    public function test_stain_under_oil_and_sprayed_colour_under_lacquer(): void
    {
        $of = static fn (FinishSystem $finish): string => array_values(array_filter(
            RoutePlanner::withAllRules()->plan(
                Specifications::sixString(['finish' => $finish, 'colour' => 'red']), TradeStandards::all(),
            )->operations,
            static fn (Operation $operation): bool => in_array(
                $operation->key, [FinishOperation::Colour->value, FinishOperation::Stain->value], true,
            ),
        ))[0]->standard->key;
        self::assertSame(
            [FinishOperation::Stain->value, FinishOperation::Colour->value],
            [$of(FinishSystem::WipingOil), $of(FinishSystem::Nitrocellulose)],
        );
    }

    public function test_pieces_are_apart_until_they_meet(): void
    {
        $pieces = [];
        foreach (RoutePlanner::withAllRules()->plan(
            Specifications::sixString(), TradeStandards::all(),
        )->operations as $operation) {
            $pieces[$operation->key] = $operation->pieces;
        }
        self::assertSame([Piece::Neck], $pieces[NeckOperation::Channel->value]);
        self::assertSame([Piece::Fretboard], $pieces[FretboardOperation::Slots->value]);
        self::assertSame([Piece::Neck, Piece::Fretboard], $pieces[FretboardOperation::Radius->value]);
        self::assertSame([Piece::Body], $pieces['finish.body.coat-1']);
        self::assertSame(Piece::cases(), $pieces[JointOperation::DryFit->value]);
        self::assertSame([], $pieces[ElectronicsOperation::Harness->value], 'the harness is wired on the bench');
    }

    public function test_a_draft_drops_links_to_what_the_route_lacks_and_keeps_one_of_two_alike(): void
    {
        $draft = new RouteDraft(TradeStandards::all(), Specifications::sixString(), Methods::usual());
        $draft->by(new BriefAndDesign);
        $draft->add(PreparationOperation::Agree, []);
        $draft->add(PreparationOperation::Draw, []);
        $draft->after(
            PreparationOperation::Draw, [PreparationOperation::Agree, PreparationOperation::SelectTimber],
            'first reason',
        );
        $draft->after(PreparationOperation::Draw, PreparationOperation::Agree, 'second reason');
        $route = $draft->route();
        self::assertEquals(
            [
                new Link(
                    PreparationOperation::Agree->value, PreparationOperation::Draw->value, 'first reason',
                    rule: 'Agree and draw before cutting',
                ),
            ],
            $route->links,
        );
        self::assertSame(420, $route->work()->minutes);
    }

    public function test_where_two_rules_ask_for_the_same_order_what_is_spoiled_and_the_window_are_kept(): void
    {
        foreach ([false, true] as $spoilsFirst) {
            $draft = new RouteDraft(TradeStandards::all(), Specifications::sixString(), Methods::usual());
            $draft->by(new BriefAndDesign);
            $draft->add(PreparationOperation::Agree, []);
            $draft->add(PreparationOperation::Draw, []);
            $window = Duration::ofHours(5);
            $ask = [
                static fn () => $draft->after(
                    PreparationOperation::Draw, PreparationOperation::Agree, 'only tidy', '', $window,
                ),
                static fn () => $draft->after(
                    PreparationOperation::Draw, PreparationOperation::Agree, 'it is lost',
                    'The drawing is thrown away.',
                ),
            ];
            foreach ($spoilsFirst ? array_reverse($ask) : $ask as $rule) {
                $rule();
            }
            self::assertEquals(
                [
                    new Link(
                        PreparationOperation::Agree->value, PreparationOperation::Draw->value, 'it is lost',
                        'The drawing is thrown away.', 'Agree and draw before cutting', $window,
                    ),
                ],
                $draft->route()->links,
            );
        }
    }

    public function test_operations_need_the_parts_they_use(): void
    {
        $needs = [];
        foreach (RoutePlanner::withAllRules()->plan(
            self::lacqueredAsh(), TradeStandards::all(),
        )->operations as $operation) {
            $needs[$operation->key] = array_map(static fn (PartGroup $part): string => $part->value, $operation->needs);
        }
        self::assertSame(
            ['truss-rod', 'tuners', 'bridge', 'pickups', 'electronics'],
            $needs[PreparationOperation::MeasureParts->value],
        );
        self::assertSame(
            ['neck-timber', 'fretboard-timber', 'body-timber'], $needs[PreparationOperation::SelectTimber->value],
        );
        self::assertSame(['fret-wire'], $needs[FretboardOperation::Fret->value]);
        self::assertSame(['finish'], $needs[CoatStep::BodySeal->value]);
        self::assertSame(['strings'], $needs[AssemblyOperation::StringUp->value]);
    }

    private static function lacqueredAsh(): Specification
    {
        return Specifications::sixString(
            [
                'finish' => FinishSystem::Nitrocellulose, 'layers' => [Specifications::layer('white ash', 45)],
                'boardTimber' => Species::named('African ebony'),
            ],
        );
    }

    /** @return list<string> */
    private static function keysOf(Specification $specification): array
    {
        return self::keys(RoutePlanner::withAllRules()->plan($specification, TradeStandards::all())->operations);
    }

    /**
     * @param  list<Operation>  $operations
     * @return list<string>
     */
    private static function keys(array $operations): array
    {
        return array_map(static fn (Operation $operation): string => $operation->key, $operations);
    }
}
