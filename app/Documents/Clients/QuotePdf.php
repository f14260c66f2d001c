<?php

declare(strict_types=1);

namespace App\Documents\Clients;

use App\Documents\Canvas;
use App\Documents\Columns;
use App\Documents\Flow;
use App\Documents\Paper;
use App\Models\Client\Quote;
use App\Planning\Clients\QuoteWords;
use App\Planning\House\House;
use App\Support\Say;
use DOMDocument;
use DOMElement;
use DOMNode;

/** A quote on paper: what the instrument is to be, its price, its date and what that depends on, in the shop’s words. */
final readonly class QuotePdf
{
    private const VALUE = 70.0;

    public function __construct(private QuoteWords $words, private House $house)
    {
    }

    public function of(Quote $quote, Paper $paper): string
    {
        $quote->loadMissing('enquiry.client');
        $client = $quote->enquiry->client;
        $name = ucfirst($quote->name());
        $canvas = new Canvas($name, $paper, 'P', $quote->at->getTimestamp());
        $flow = new Flow($canvas, $paper, "{$this->house->shop()->name}, {$name}", Say::dayAndYear($quote->at->setTimezone($this->house->zone())->toDateString()));
        $flow->title($name);
        foreach (array_filter(explode("\n", "{$client->name}\n{$client->address}")) as $line) {
            $flow->sentence($line);
        }
        $flow->heading($quote->what);
        $this->pairs($flow, $this->words->facts($quote));
        $flow->heading('What it costs and when it is ready');
        $this->pairs($flow, $this->words->lines($quote));
        $depends = QuoteWords::depends($quote);
        if ($depends !== []) {
            $flow->heading('The date depends on');
            foreach ($depends as $one) {
                $flow->sentence("– {$one}");
            }
        }
        $this->said($flow, QuoteWords::html($quote));

        return $canvas->output();
    }

    /** @param  list<array{string, string}>  $pairs */
    private function pairs(Flow $flow, array $pairs): void
    {
        foreach ($pairs as [$name, $value]) {
            $lines = $flow->canvas->wrapped($value, Columns::TEXT, $flow->right() - Flow::LEFT - self::VALUE);
            $flow->room(Flow::LINE * max(1, count($lines)));
            $flow->canvas->words($name, Flow::LEFT, $flow->y, Columns::TEXT);
            foreach ($lines === [] ? [''] : $lines as $line) {
                $flow->canvas->words($line, Flow::LEFT + self::VALUE, $flow->y, Columns::TEXT);
                $flow->y += Flow::LINE;
            }
            $flow->y += 0.8;
        }
    }

    /** The shop’s words, block by block. */
    private function said(Flow $flow, string $html): void
    {
        if (trim($html) === '') {
            return;
        }
        $document = new DOMDocument;
        $document->loadHTML('<?xml encoding="UTF-8"><body>'.$html.'</body>', LIBXML_NOERROR | LIBXML_NONET);
        $body = $document->getElementsByTagName('body')->item(0);
        foreach ($body === null ? [] : $body->childNodes as $node) {
            $this->block($flow, $node);
        }
    }

    private function block(Flow $flow, DOMNode $node): void
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $node->textContent));
        if (! $node instanceof DOMElement || $text === '') {
            return;
        }
        if (preg_match('/^h[1-6]$/', $node->tagName) === 1) {
            $flow->heading($text);
        } elseif (in_array($node->tagName, ['ul', 'ol'], true)) {
            foreach ($node->childNodes as $item) {
                $one = trim((string) preg_replace('/\s+/u', ' ', $item->textContent));
                $one === '' || $flow->sentence("– {$one}");
            }
        } else {
            $flow->sentence($text);
        }
    }
}
