<?php

declare(strict_types=1);

namespace Regimen\Geometry\Svg;

use Regimen\Geometry\Polygon;
use Regimen\Units\UnreadableFile;

/**
 * A body's outline from the one closed path of an SVG 1.1 document, or from bare path data; the neck end lies to the
 * left.
 */
final readonly class SvgOutline
{
    public const LARGEST_BYTES = 200_000;

    private function __construct(public Polygon $outline)
    {
    }

    /**
     * @param  float  $width  what the outline is to measure across, in mm
     *
     * @throws UnreadableFile for anything but one closed path: what it is and what would be right
     */
    public static function read(string $svg, float $width): self
    {
        if (strlen($svg) > self::LARGEST_BYTES) {
            throw UnreadableFile::because(
                'The outline is larger than '.(self::LARGEST_BYTES / 1000).' kB; simplify the path.',
            );
        }
        $text = trim($svg);
        $path = str_starts_with($text, '<') ? self::pathOf($text) : $text;
        if ($path === '') {
            throw UnreadableFile::because('There is no outline: paste an SVG with one closed path, or its path data.');
        }
        $curves = SvgPath::read($path);
        $rough = Polygon::of($curves->flattened(1.0, $curves->extent() / 8000));
        $across = $rough->across()->length();
        if ($across <= 0.0 || $rough->area() < 1e-3 * $across ** 2) {
            throw UnreadableFile::because('The path encloses no area.');
        }
        $crossing = $rough->crossing();
        if ($crossing !== null) {
            throw UnreadableFile::because(sprintf('The path crosses itself near %.1f, %.1f; an outline goes around once.', $crossing->x, $crossing->y));
        }
        $scale = $width / $across;
        $outline = Polygon::of($curves->flattened($scale));

        return new self(
            $outline->fitted(1.0, -$outline->along()->from, -($outline->across()->from + $outline->across()->to) / 2),
        );
    }

    private static function pathOf(string $xml): string
    {
        if (preg_match('/<!DOCTYPE|<!ENTITY|<\?xml-stylesheet/i', $xml) === 1) {
            throw UnreadableFile::because(
                'The file declares entities, a document type or a style sheet; save it as plain SVG.',
            );
        }
        $document = new \DOMDocument;
        $before = libxml_use_internal_errors(true);
        $read = $document->loadXML($xml, LIBXML_NONET | LIBXML_COMPACT);
        $error = libxml_get_last_error();
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (! $read) {
            throw UnreadableFile::at($error === false ? 1 : $error->line, 'it is no well-formed XML');
        }

        return self::onlyPath($document);
    }

    private static function onlyPath(\DOMDocument $document): string
    {
        $paths = [];
        foreach ($document->getElementsByTagName('*') as $element) {
            $name = strtolower($element->localName ?? '');
            if (! in_array($name, ['svg', 'g', 'path', 'title', 'desc', 'metadata', 'defs', 'namedview'], true)) {
                throw UnreadableFile::at(
                    $element->getLineNo(), "a “{$name}” has no place in an outline; leave one path alone",
                );
            }
            foreach ($element->attributes ?? [] as $attribute) {
                if (
                    preg_match('/^on|href$/i', $attribute->nodeName) === 1
                    || str_contains($attribute->nodeValue ?? '', 'url(')
                ) {
                    throw UnreadableFile::at(
                        $element->getLineNo(), 'scripts and references to other files are not taken',
                    );
                }
                if (strtolower($attribute->nodeName) === 'transform') {
                    throw UnreadableFile::at(
                        $element->getLineNo(), 'the path is transformed; apply the transformation before saving',
                    );
                }
            }
            if ($name === 'path') {
                $paths[] = $element->getAttribute('d');
            }
        }

        return match (count($paths)) {
            1 => trim($paths[0]),
            0 => throw UnreadableFile::because('The file has no path.'),
            default => throw UnreadableFile::because('The file has '.count($paths).' paths; leave only the outline.'),
        };
    }
}
