<?php

declare(strict_types=1);

namespace Regimen\Tests\Route;

use Regimen\Route\Methods\Methods;
use Regimen\Route\Operations\AssemblyOperation;
use Regimen\Route\Operations\BodyOperation;
use Regimen\Route\Operations\CoatStep;
use Regimen\Route\Operations\ElectronicsOperation;
use Regimen\Route\Operations\FinishOperation;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\HeadstockOperation;
use Regimen\Route\Operations\JointOperation;
use Regimen\Route\Operations\NeckOperation;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Route\RouteRule;
use Regimen\Route\Rules\Body\BodyBinding;
use Regimen\Route\Rules\Body\BodyBlank;
use Regimen\Route\Rules\Body\BodyLayers;
use Regimen\Route\Rules\Body\Chambers;
use Regimen\Route\Rules\Body\HiddenWires;
use Regimen\Route\Rules\Finish\BareBoard;
use Regimen\Route\Rules\Finish\ClearedBeforeFretting;
use Regimen\Route\Rules\Finish\ColourCoat;
use Regimen\Route\Rules\Finish\FinishedApart;
use Regimen\Route\Rules\Finish\FinishedTogether;
use Regimen\Route\Rules\Finish\GrainFill;
use Regimen\Route\Rules\Finish\MaskedFrets;
use Regimen\Route\Rules\Finish\OiledBack;
use Regimen\Route\Rules\Finish\Stain;
use Regimen\Route\Rules\Fretboard\BoardBinding;
use Regimen\Route\Rules\Fretboard\FaceMarkers;
use Regimen\Route\Rules\Fretboard\FrettedOffTheNeck;
use Regimen\Route\Rules\Fretboard\FrettedOnTheNeck;
use Regimen\Route\Rules\Fretboard\MarkersAfterRadius;
use Regimen\Route\Rules\Fretboard\MarkersBeforeRadius;
use Regimen\Route\Rules\Fretboard\OiledBoard;
use Regimen\Route\Rules\Fretboard\SideMarkers;
use Regimen\Route\Rules\Fretboard\SlotsAfterGlueing;
use Regimen\Route\Rules\Fretboard\SlotsAfterRadius;
use Regimen\Route\Rules\Fretboard\SlotsBeforeGlueing;
use Regimen\Route\Rules\Headstock\FlatHeadstock;
use Regimen\Route\Rules\Headstock\HeadstockVeneer;
use Regimen\Route\Rules\Headstock\OnePieceHeadstock;
use Regimen\Route\Rules\Headstock\ScarfedHeadstock;
use Regimen\Route\Rules\Headstock\TunerHolesAfter;
use Regimen\Route\Rules\Headstock\TunerHolesBefore;
use Regimen\Route\Rules\Joint\BoltedNeck;
use Regimen\Route\Rules\Joint\BoltHolesAfterSanding;
use Regimen\Route\Rules\Joint\BoltHolesBeforeSanding;
use Regimen\Route\Rules\Joint\Mortise;
use Regimen\Route\Rules\Joint\NeckPocket;
use Regimen\Route\Rules\Joint\SetNeck;
use Regimen\Route\Rules\Joint\ThroughNeck;
use Regimen\Route\Rules\Neck\CarvedAfterRadius;
use Regimen\Route\Rules\Neck\CarvedBeforeGlueing;
use Regimen\Route\Rules\Neck\LaminatedNeck;
use Regimen\Route\Rules\Neck\RestedNeck;
use Regimen\Route\Rules\Neck\StiffeningRods;
use Regimen\Route\Rules\Neck\TrussRod;
use Regimen\Route\Rules\Neck\Volute;
use Regimen\Route\Rules\Preparation\EverythingFirst;
use Regimen\Route\Rules\SetUp\Harness;
use Regimen\Route\Rules\SetUp\Nut;
use Regimen\Route\Rules\SetUp\Shield;
use Regimen\Route\Rules\SetUp\ZeroFret;

/** What each rule is there for, and where it is silent. */
final class RuleCases
{
    private const LAYERS = [
        ['timber' => 'bigleaf maple', 'thickness' => '6'], ['timber' => 'white ash', 'thickness' => '38'],
    ];

    private const LACQUERED = ['finish' => 'nitrocellulose', 'boardTimber' => 'sugar maple'];

    /**
     * @return iterable<string, array{class-string<RouteRule>, array<string, mixed>, array<string, string>, array<string, mixed>, array<string, string>, string}> rule; instrument and methods for which it speaks; for which it is silent; what it adds
     */
    public static function rules(): iterable
    {
        yield 'laminations' => [
            LaminatedNeck::class, ['laminations' => '3'], [], [], [], NeckOperation::Laminate->value,
        ];
        yield 'rods' => [StiffeningRods::class, ['stiffeningRods' => 'yes'], [], [], [], NeckOperation::Rods->value];
        yield 'truss rod' => [TrussRod::class, [], [], ['rodLength' => '0'], [], NeckOperation::Channel->value];
        yield 'rest of what is glued' => [
            RestedNeck::class, ['laminations' => '3'], [], [], [], NeckOperation::Recheck->value,
        ];
        yield 'rest of what is wet' => [
            RestedNeck::class, ['neckMoisture' => '13'], [], ['neckMoisture' => '9'], [], NeckOperation::Recheck->value,
        ];
        yield 'scarf' => [
            ScarfedHeadstock::class, [], [], ['headConstruction' => 'one_piece'], [],
            HeadstockOperation::Construct->value,
        ];
        yield 'one piece' => [
            OnePieceHeadstock::class, ['headConstruction' => 'one_piece'], [], ['headstock' => 'flat'], [],
            HeadstockOperation::Construct->value,
        ];
        yield 'flat headstock' => [
            FlatHeadstock::class, ['headstock' => 'flat'], [], [], [], HeadstockOperation::Construct->value,
        ];
        yield 'veneer' => [HeadstockVeneer::class, ['veneer' => '2'], [], [], [], HeadstockOperation::Veneer->value];
        yield 'volute' => [Volute::class, ['volute' => 'yes'], [], [], [], NeckOperation::Volute->value];
        yield 'tuner holes after' => [
            TunerHolesAfter::class, [], [], [], ['tuner-holes' => 'before'],
            HeadstockOperation::Thickness->value.' > '.HeadstockOperation::TunerHoles->value,
        ];
        yield 'tuner holes before' => [
            TunerHolesBefore::class, [], ['tuner-holes' => 'before'], [], [],
            HeadstockOperation::TunerHoles->value.' > '.HeadstockOperation::Thickness->value,
        ];
        yield 'slots before' => [
            SlotsBeforeGlueing::class, [], [], [], ['slots' => 'after'],
            FretboardOperation::Slots->value.' > '.FretboardOperation::Glue->value,
        ];
        yield 'slots after' => [
            SlotsAfterGlueing::class, [], ['slots' => 'after'], [], [],
            FretboardOperation::Glue->value.' > '.FretboardOperation::Slots->value,
        ];
        yield 'slots from the arc' => [
            SlotsAfterRadius::class, [], ['slots' => 'arc'], [], [],
            FretboardOperation::Radius->value.' > '.FretboardOperation::Slots->value,
        ];
        yield 'markers' => [FaceMarkers::class, [], [], ['markers' => 'none'], [], FretboardOperation::Markers->value];
        yield 'markers before' => [
            MarkersBeforeRadius::class, [], [], [], ['markers' => 'after'],
            FretboardOperation::Markers->value.' > '.FretboardOperation::Radius->value,
        ];
        yield 'markers after' => [
            MarkersAfterRadius::class, [], ['markers' => 'after'], [], [],
            FretboardOperation::Radius->value.' > '.FretboardOperation::Markers->value,
        ];
        yield 'board binding' => [
            BoardBinding::class, ['boardBinding' => '1.5'], [], [], [], FretboardOperation::Binding->value,
        ];
        yield 'side markers' => [
            SideMarkers::class, [], [], ['sideMarkers' => '0'], [], FretboardOperation::SideMarkers->value,
        ];
        yield 'fretted on' => [
            FrettedOnTheNeck::class, [], [], [], ['frets' => 'off'],
            FretboardOperation::Glue->value.' > '.FretboardOperation::Radius->value,
        ];
        yield 'fretted off' => [
            FrettedOffTheNeck::class, [], ['frets' => 'off'], [], [],
            FretboardOperation::Fret->value.' > '.FretboardOperation::Glue->value,
        ];
        yield 'carved after' => [
            CarvedAfterRadius::class, [], [], [], ['carve' => 'before'],
            FretboardOperation::Radius->value.' > '.NeckOperation::Carve->value,
        ];
        yield 'carved before' => [
            CarvedBeforeGlueing::class, [], ['carve' => 'before'], [], [],
            NeckOperation::Carve->value.' > '.FretboardOperation::Glue->value,
        ];
        yield 'body halves' => [BodyBlank::class, [], [], ['bodyPieces' => '1'], [], BodyOperation::Joint->value];
        yield 'body halves of a through neck' => [
            BodyBlank::class, [], [], ['joint' => 'through'], [], BodyOperation::Joint->value,
        ];
        yield 'chambers' => [
            Chambers::class, ['body' => 'chambered', 'layers' => self::LAYERS], [], [], [],
            BodyOperation::Chambers->value,
        ];
        yield 'weight relief' => [
            Chambers::class, ['weightRelief' => 'yes'], [], [], [], BodyOperation::Chambers->value,
        ];
        yield 'hidden wires' => [
            HiddenWires::class, ['body' => 'semi-hollow', 'layers' => self::LAYERS], [], ['layers' => self::LAYERS], [],
            BodyOperation::Paths->value,
        ];
        yield 'layers' => [BodyLayers::class, ['layers' => self::LAYERS], [], [], [], BodyOperation::GlueLayers->value];
        yield 'body binding' => [
            BodyBinding::class, ['bodyBinding' => '2', 'edgeRadius' => '1'], [], [], [], BodyOperation::Binding->value,
        ];
        yield 'pocket' => [
            NeckPocket::class, ['joint' => 'set'], [], ['joint' => 'through'], [], JointOperation::Pocket->value,
        ];
        yield 'mortise' => [Mortise::class, ['joint' => 'bolted_mortise'], [], [], [], JointOperation::Tenon->value];
        yield 'through neck' => [
            ThroughNeck::class, ['joint' => 'through'], [], ['joint' => 'set'], [], JointOperation::Wings->value,
        ];
        yield 'bolted neck' => [
            BoltedNeck::class, ['joint' => 'bolted_mortise'], [], ['joint' => 'set'], [], JointOperation::Screws->value,
        ];
        yield 'bolt holes after' => [
            BoltHolesAfterSanding::class, [], [], [], ['bolt-holes' => 'before'],
            NeckOperation::Sand->value.' > '.JointOperation::Screws->value,
        ];
        yield 'bolt holes before' => [
            BoltHolesBeforeSanding::class, [], ['bolt-holes' => 'before'], ['joint' => 'set'],
            ['bolt-holes' => 'before'], JointOperation::Screws->value.' > '.NeckOperation::Sand->value,
        ];
        yield 'set neck' => [SetNeck::class, ['joint' => 'set'], [], [], [], JointOperation::GlueNeck->value];
        yield 'grain fill' => [
            GrainFill::class, ['finish' => 'shellac', 'layers' => [['timber' => 'white ash', 'thickness' => '45']]], [],
            ['finish' => 'shellac'], [], FinishOperation::Fill->value,
        ];
        yield 'stain under oil' => [Stain::class, ['colour' => 'red'], [], [], [], FinishOperation::Stain->value];
        yield 'stain under lacquer' => [
            Stain::class, ['finish' => 'nitrocellulose', 'colour' => 'walnut stain'], [],
            ['finish' => 'nitrocellulose', 'colour' => 'red'], [], FinishOperation::Stain->value,
        ];
        yield 'colour' => [
            ColourCoat::class, ['finish' => 'nitrocellulose', 'colour' => 'red'], [], ['colour' => 'red'], [],
            CoatStep::BodySeal->value.' > '.FinishOperation::Colour->value,
        ];
        yield 'cleared board' => [
            ClearedBeforeFretting::class, self::LACQUERED, [], self::LACQUERED, ['lacquered-board' => 'masked'],
            FinishOperation::PolishNeck->value.' > '.FretboardOperation::Fret->value,
        ];
        yield 'masked frets' => [
            MaskedFrets::class, self::LACQUERED, ['lacquered-board' => 'masked'], [], ['lacquered-board' => 'masked'],
            FretboardOperation::Fret->value.' > '.FinishOperation::Mask->value,
        ];
        yield 'bare board' => [
            BareBoard::class, [], [], self::LACQUERED, [],
            FretboardOperation::Fret->value.' > '.FinishOperation::Mask->value,
        ];
        yield 'oiled board' => [
            OiledBoard::class, ['boardFinish' => 'oiled'], [], [], [], FretboardOperation::Oil->value,
        ];
        yield 'oiled back' => [
            OiledBack::class, ['joint' => 'set', 'finish' => 'nitrocellulose', 'neckFinish' => 'oil'], [],
            ['joint' => 'set', 'finish' => 'nitrocellulose'], [], FinishOperation::NeckBack->value,
        ];
        yield 'finished apart' => [FinishedApart::class, [], [], ['joint' => 'set'], [], CoatStep::BodyCure->value];
        yield 'finished together' => [
            FinishedTogether::class, ['joint' => 'through'], [], [], [], CoatStep::Cure->value,
        ];
        yield 'harness' => [Harness::class, [], [], ['pickups' => 0], [], ElectronicsOperation::Harness->value];
        yield 'shielding' => [Shield::class, ['shielding' => 'foil'], [], [], [], ElectronicsOperation::Shield->value];
        yield 'nut' => [Nut::class, [], [], ['zeroFret' => 'yes'], [], AssemblyOperation::Nut->value];
        yield 'zero fret' => [ZeroFret::class, ['zeroFret' => 'yes'], [], [], [], AssemblyOperation::Nut->value];
        yield 'everything first' => [
            EverythingFirst::class, [], [], [], ['cutting' => 'timber'],
            PreparationOperation::MeasureParts->value.' > '.BodyOperation::Joint->value,
        ];
    }
}
