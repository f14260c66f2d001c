<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Exception\NoSuchAlertException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\JsonWireCompat;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Somebody in front of the application: finds things by the words on the screen, and waits for what is to appear. */
final readonly class Visitor
{
    private const PATIENCE_SECONDS = 30;

    public function __construct(public RemoteWebDriver $driver, private string $address)
    {
    }

    /** Opens a page and waits until all of it is there, also what follows it in a request of its own. */
    public function open(string $path): void
    {
        $this->driver->get($this->address.$path);
        $this->waitFor('main:not([aria-busy=true]) h1');
    }

    public function signIn(string $name = 'Ines Varga'): void
    {
        $this->open('/sign-in');
        // Who tests a page knows it; what is said on a first visit has its own test.
        $this->driver->executeScript("localStorage.setItem('regimen.known', 'all');");
        $this->press($name);
        // A maker on a small screen begins at the bench.
        $this->until(fn (): bool => in_array($this->path(), ['/today', '/bench'], true), 'the first page');
        $this->waitFor('main h1');
    }

    /** The address of the neck pocket’s gate. */
    public function gateOf(int $build): string
    {
        $this->open("/builds/{$build}#route");

        return (string) parse_url((string) $this->waitFor("li[data-operation^='neck pocket'] a[href$='/gate']")->getAttribute('href'), PHP_URL_PATH);
    }

    public function path(): string
    {
        return (string) parse_url($this->driver->getCurrentURL(), PHP_URL_PATH);
    }

    public function waitForPath(string $path): void
    {
        $this->until(fn (): bool => $this->path() === $path, "the address {$path}");
        $this->waitFor('main h1');
    }

    public function waitFor(string $selector): RemoteWebElement
    {
        $this->until(fn (): bool => $this->all($selector) !== [], $selector);

        return $this->all($selector)[0];
    }

    public function waitForText(string $text, string $within = 'body'): void
    {
        $this->until(fn (): bool => str_contains($this->text($within), $text), "“{$text}” in {$within}");
    }

    public function text(string $selector = 'body'): string
    {
        return (string) $this->driver->executeScript(
            'return [...document.querySelectorAll(arguments[0])]'
                .'.map((one) => (one.checkVisibility({ visibilityProperty: true }) ? one.innerText : "")).join("\n");',
            [$selector],
        );
    }

    /** Presses the button or link with these words, within a part of the page. */
    public function press(string $words, string $within = 'body'): void
    {
        $this->until(function () use ($words, $within): bool {
            // Only what stays where it is for a moment can be hit; a tab behind another draws no frames.
            $found = $this->element($this->driver->executeAsyncScript(
                <<<'JS'
                const [selector, words, done] = arguments;
                const found = [...document.querySelectorAll(selector)].find(
                    (one) => one.checkVisibility({ visibilityProperty: true }) && (one.innerText ?? one.textContent).includes(words),
                );
                found?.scrollIntoView({ block: 'center' });
                const at = () => JSON.stringify(found?.getBoundingClientRect());
                const before = at();
                setTimeout(() => done(found?.isConnected && at() === before ? found : null), 30);
                JS,
                ["{$within} button, {$within} a, {$within} summary", $words],
            ));

            return $found !== null && $this->hits($found);
        }, "something to press called “{$words}” in {$within}");
    }

    /** Turns to a section of a build’s sheet. */
    public function section(string $words): void
    {
        $this->press($words, 'nav[aria-label="On this sheet"]');
    }

    /** Clicks; a click that would hit something else, because the page has moved under the pointer, is stopped. */
    private function hits(RemoteWebElement $wanted): bool
    {
        $this->driver->executeScript(
            <<<'JS'
            const wanted = arguments[0];
            window.clicked = 'nothing';
            const guard = (event) => {
                window.clicked = wanted.contains(event.target) ? 'it' : 'something else';
                if (window.clicked !== 'it') {
                    event.stopImmediatePropagation();
                    event.preventDefault();
                }
            };
            window.addEventListener('click', guard, { capture: true, once: true });
            window.stopGuarding = () => window.removeEventListener('click', guard, { capture: true });
            JS,
            [$wanted],
        );
        try {
            $wanted->click();
        } finally {
            // A page that asks something, or was left for another, was hit.
            $hit = $this->asks()
                || $this->driver->executeScript('window.stopGuarding?.(); return window.clicked ?? "it";') === 'it';
        }

        return $hit;
    }

    /** Whether the browser has a question open, which any script would wave away. */
    private function asks(): bool
    {
        try {
            $this->driver->switchTo()->alert()->getText();

            return true;
        } catch (NoSuchAlertException) {
            return false;
        }
    }

    /** Types into the field with this label, key by key, after emptying it. */
    public function type(string $label, string $text, string $within = 'body'): void
    {
        $field = $this->field($label, $within);
        $this->bringIntoView($field);
        $this->driver->executeScript(
            'arguments[0].value = ""; arguments[0].dispatchEvent(new Event("input", { bubbles: true }));',
            [$field],
        );
        $field->sendKeys($text);
    }

    public function choose(string $label, string $option, string $within = 'body'): void
    {
        $field = $this->field($label, $within);
        foreach ($field->findElements(WebDriverBy::tagName('option')) as $one) {
            if ($one->getText() === $option) {
                $one->click();

                return;
            }
        }
        throw new \RuntimeException("“{$label}” has no option “{$option}”.");
    }

    /** Ticks the box whose label has these words. */
    public function tick(string $words, string $within = 'body'): void
    {
        $this->until(function () use ($words, $within): bool {
            $label = $this->label($words, $within, 'found');

            return $label !== null && $this->hits($label);
        }, "a box “{$words}” in {$within}");
    }

    /** A date field takes its value whatever order the browser's language shows. */
    public function setDate(string $label, string $date, string $within = 'body'): void
    {
        $this->driver->executeScript(
            'arguments[0].value = arguments[1]; arguments[0].dispatchEvent(new Event("input", { bubbles: true }));',
            [$this->field($label, $within), $date],
        );
    }

    public function field(string $label, string $within = 'body'): RemoteWebElement
    {
        $this->until(fn (): bool => $this->fieldOf($label, $within) !== null, "a field “{$label}” in {$within}");

        return $this->fieldOf($label, $within) ?? throw new \RuntimeException("The field “{$label}” has gone.");
    }

    private function fieldOf(string $label, string $within): ?RemoteWebElement
    {
        return $this->label($label, $within, 'found?.control');
    }

    /** @param  string  $wanted  of what was found: the label, or its control */
    private function label(string $words, string $within, string $wanted): ?RemoteWebElement
    {
        return $this->found(
            'const found = [...document.querySelectorAll(arguments[0])].find((one) =>'
                ."one.innerText.trim() === arguments[1]); return {$wanted} ?? null;",
            "{$within} label",
            $words,
        );
    }

    /** The element that a script returns; all of the page is searched in one go. */
    private function found(string $script, string ...$arguments): ?RemoteWebElement
    {
        return $this->element($this->driver->executeScript($script, array_values($arguments)));
    }

    private function element(mixed $found): ?RemoteWebElement
    {
        return is_array($found)
            ? new RemoteWebElement(new RemoteExecuteMethod($this->driver), JsonWireCompat::getElement($found), true)
            : null;
    }

    /**
     * Sends keys to whatever has the focus, one after the other; those in a list together.
     *
     * @param  string|list<string>  ...$keys
     */
    public function keys(string|array ...$keys): void
    {
        foreach ($keys as $key) {
            // A held key is let go by the null key. What has the focus may just be closing: nothing was sent then.
            $sent = is_array($key) ? implode('', $key).WebDriverKeys::NULL : $key;
            $this->until(function () use ($sent): bool {
                $this->driver->getKeyboard()->sendKeys($sent);

                return true;
            }, 'the focus to take keys');
        }
    }

    /** Goes on with the Tab key until the focus is on something with these words (or this label). */
    public function tabTo(string $words, int $most = 160): void
    {
        for ($step = 0; $step < $most; $step++) {
            $this->keys(WebDriverKeys::TAB);
            $there = (string) $this->driver->executeScript(
                'const e = document.activeElement; if (e === document.body) { return ""; } return '
                    .'(e.labels?.[0]?.textContent ?? "") + " " + (e.getAttribute("aria-label") ?? "") + " " + '
                        .'(e.matches("select") ? "" : e.textContent);',
            );
            if (str_contains(preg_replace('/\s+/', ' ', $there) ?? '', $words)) {
                return;
            }
        }
        throw new \RuntimeException("The Tab key never reaches “{$words}”.");
    }

    /** @param  callable(): bool  $condition */
    public function until(callable $condition, string $what): void
    {
        $end = microtime(true) + self::PATIENCE_SECONDS;
        $last = '';
        while (microtime(true) < $end) {
            try {
                if ($condition()) {
                    return;
                }
            } catch (WebDriverException $changing) {
                // The page was being changed while it was read; look again.
                $last = $changing->getMessage();
            }
            usleep(60_000);
        }
        throw new \RuntimeException(
            "Waited in vain for {$what} at {$this->path()}: {$last}\n".mb_substr($this->text(), 0, 1500),
        );
    }

    public function isWiderThanTheScreen(): bool
    {
        return (bool) $this->driver->executeScript(
            'return document.documentElement.scrollWidth > document.documentElement.clientWidth;',
        );
    }

    /** @return list<string> what lies behind the strip at the foot, or out of sight, while it has the focus */
    public function hiddenFocus(): array
    {
        return $this->driver->executeScript(<<<'JS'
            const strip = document.querySelector('footer') ?? document.querySelector('.thumb');
            const wrong = [];
            const all = document.querySelectorAll('main :is(a[href], button, input, select, textarea, summary, [tabindex="0"])');
            for (const one of [...all].filter((el) => el.checkVisibility({ visibilityProperty: true }) && el.tabIndex >= 0 && !el.disabled)) {
                one.focus();
                const box = one.getBoundingClientRect();
                const foot = strip?.getBoundingClientRect() ?? { top: innerHeight, bottom: innerHeight };
                const covered = !strip?.contains(one) && box.bottom > foot.top + 1 && box.top < foot.bottom - 1;
                if (box.width > 1 && box.height < innerHeight / 2 && (covered || box.bottom > innerHeight + 1 || box.top < -1)) {
                    wrong.push(`${(one.innerText || one.name || one.tagName).trim().slice(0, 40)} is hidden while it has the focus`);
                }
            }
            window.scrollTo(0, 0);
            return wrong.slice(0, 4);
        JS);
    }

    /** @return list<string> texts that lie on each other, and sentences without a space between them */
    public function overlaps(): array
    {
        return $this->driver->executeScript(<<<'JS'
            const texts = [];
            const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
            for (let node = walker.nextNode(); node; node = walker.nextNode()) {
                const words = node.textContent.trim();
                const holder = node.parentElement;
                if (words === '' || !holder.checkVisibility({ visibilityProperty: true, opacityProperty: true }) || holder.closest('option, title, style, [aria-hidden="true"] svg')) {
                    continue;
                }
                const range = document.createRange();
                range.selectNodeContents(node);
                for (const box of range.getClientRects()) {
                    const seen = clipped(box, holder);
                    if (seen.right - seen.left > 1 && seen.bottom - seen.top > 1) {
                        // The strip at the foot lies over the page that scrolls under it.
                        texts.push({ node, strip: holder.closest('footer, .thumb'), words: words.slice(0, 40), ...seen });
                    }
                }
            }
            // What a scrolling or cutting part around it leaves of a box.
            function clipped(box, holder) {
                let { left, right, top, bottom } = box;
                for (let at = holder; at && at !== document.body; at = at.parentElement) {
                    if (getComputedStyle(at).overflowX !== 'visible') {
                        const edge = at.getBoundingClientRect();
                        [left, right] = [Math.max(left, edge.left), Math.min(right, edge.right)];
                        [top, bottom] = [Math.max(top, edge.top), Math.min(bottom, edge.bottom)];
                    }
                }
                return { left, right, top, bottom };
            }
            texts.sort((a, b) => a.top - b.top);
            const wrong = new Set();
            for (let one = 0; one < texts.length; one++) {
                for (let other = one + 1; other < texts.length && texts[other].top < texts[one].bottom - 3; other++) {
                    const [a, b] = [texts[one], texts[other]];
                    const wide = Math.min(a.right, b.right) - Math.max(a.left, b.left);
                    const high = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
                    // Lines of one text may touch.
                    if (a.node !== b.node && a.strip === b.strip && wide > 2 && high > 4) {
                        wrong.add(`“${a.words}” and “${b.words}”`);
                    }
                }
            }
            for (const glued of document.querySelector('main').innerText.match(/[a-zé]{2}[.;!?][A-Z][a-z]+/g) ?? []) {
                wrong.add(`no space in “${glued}”`);
            }
            return [...wrong].slice(0, 6);
        JS);
    }

    /** @return list<RemoteWebElement> */
    private function all(string $selector): array
    {
        return array_values($this->driver->findElements(WebDriverBy::cssSelector($selector)));
    }

    private function bringIntoView(RemoteWebElement $element): void
    {
        $this->driver->executeScript('arguments[0].scrollIntoView({ block: "center" });', [$element]);
    }
}
