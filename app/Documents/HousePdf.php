<?php

declare(strict_types=1);

namespace App\Documents;

use TCPDF;
use TCPDF_STATIC;

/** A document of the house: it names nobody else as its maker, on the page or behind it. */
final class HousePdf extends TCPDF
{
    /** @param  array{float, float}  $size  in millimetres, upright */
    public function __construct(string $orientation, array $size)
    {
        parent::__construct($orientation, 'mm', $size, true, 'UTF-8');
        $this->tcpdflink = false;
    }

    /** The same document of the same moment is the same file: its number follows from both, not from chance. */
    public function identify(string $title, int $timestamp): void
    {
        $this->file_id = hash('xxh128', "{$title} {$timestamp}");
        $this->setDocCreationTimestamp($timestamp);
        $this->setDocModificationTimestamp($timestamp);
    }

    /** A square code to be photographed; its mask, otherwise drawn by chance, is the same each time. */
    public function squareCode(string $text, float $x, float $y, float $side): void
    {
        mt_srand(1);
        $this->write2DBarcode($text, 'QRCODE,M', $x, $y, $side, $side);
        mt_srand();
    }

    /** As it is sent; what is written in the place of another name is as long, since places in the file are counted. */
    public function bytes(): string
    {
        $maker = TCPDF_STATIC::getTCPDFProducer();
        $wide = addcslashes(mb_convert_encoding($maker, 'UTF-16BE', 'UTF-8'), '\\()');

        return str_replace(
            [$maker, $wide],
            [str_pad('Regimen', strlen($maker)), mb_convert_encoding(str_pad('Regimen', intdiv(strlen($wide), 2)), 'UTF-16BE', 'UTF-8')],
            $this->Output('', 'S'),
        );
    }
}
