<?php

declare(strict_types=1);

namespace Regimen\Drawing\Bench;

use Regimen\Figures\Workings;

/** What is drawn of an instrument for an operation: the piece that it is done on, with the dimensions that it needs. */
enum BenchView: string
{
    case NeckBlank = 'neck-blank';
    case Channel = 'channel';
    case NeckOutline = 'neck-outline';
    case NeckBack = 'neck-back';
    case Head = 'head';
    case TunerHoles = 'tuner-holes';
    case BoardThickness = 'board-thickness';
    case Slots = 'slots';
    case Taper = 'taper';
    case Radius = 'radius';
    case Markers = 'markers';
    case Frets = 'frets';
    case Nut = 'nut';
    case BodyBlank = 'body-blank';
    case BodyOutline = 'body-outline';
    case Cavities = 'cavities';
    case Pocket = 'pocket';
    case Bridge = 'bridge';
    case Edges = 'edges';
    case Bracing = 'bracing';
    case Sides = 'sides';
    case Circuit = 'circuit';
    case Strings = 'strings';
    case Whole = 'whole';

    public function draw(Workings $w): BenchDrawing
    {
        return match ($this) {
            self::NeckBlank => NeckPieces::blank($w),
            self::Channel => NeckPieces::channel($w),
            self::NeckOutline => NeckPieces::outline($w),
            self::NeckBack => NeckPieces::back($w),
            self::Head => NeckPieces::head($w),
            self::TunerHoles => NeckPieces::tunerHoles($w),
            self::BoardThickness => BoardPieces::thickness($w),
            self::Slots => BoardPieces::slots($w),
            self::Taper => BoardPieces::taper($w),
            self::Radius => BoardPieces::radius($w),
            self::Markers => BoardPieces::markers($w),
            self::Frets => BoardPieces::frets($w),
            self::Nut => BoardPieces::nut($w),
            self::BodyBlank => BodyPieces::blank($w),
            self::BodyOutline => BodyPieces::outline($w),
            self::Cavities => BodyPieces::cavities($w),
            self::Pocket => BodyPieces::pocket($w),
            self::Bridge => BodyPieces::bridge($w),
            self::Edges => BodyPieces::edges($w),
            self::Bracing => BoxPieces::bracing($w),
            self::Sides => BoxPieces::sides($w),
            self::Circuit => CircuitDrawing::draw($w),
            self::Strings => WholeInstrument::strings($w),
            self::Whole => WholeInstrument::plain($w),
        };
    }
}
