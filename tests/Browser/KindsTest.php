<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/**
 * What is particular to each kind, entered by the keyboard alone, and said by the Board.
 */
#[Group('slow')]
final class KindsTest extends BrowserCase
{
    /**
     * @param list<array{string, string, 2?: string}> $acts what is done, where, and what is typed
     * @param list<string>                            $said sentences of the Board, or parts of them
     * @param list<string>                            $not  what it does not say
     */
    #[DataProvider('provideKinds')]
    public function testEntersItByTheKeyboard(string $construction, array $acts, array $said, array $not = []): void
    {
        $this->newPiece(construction: $construction);
        foreach ($acts as $act) {
            match ($act[0]) {
                'open', 'press' => $this->press($act[1]),
                'choose' => $this->choose($act[1]),
                default => $this->write($act[1], $act[2] ?? ''),
            };
        }
        $this->until('return !document.querySelector(".fault")');
        $this->tabTo('#make-it');
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $this->untilShown('#now');
        $steps = $this->read(
            'return JSON.parse(document.querySelector("#board-data").textContent).steps
                .map(s => s.say).join(" ")',
        );
        self::assertIsString($steps);
        foreach ($said as $sentence) {
            self::assertStringContainsString($sentence, $steps);
        }
        foreach ($not as $sentence) {
            self::assertStringNotContainsString($sentence, $steps);
        }
        $this->assertNothingLogged();
    }

    /**
     * @return iterable<string, array{
     *     0: string, 1: list<array{string, string, 2?: string}>, 2: list<string>, 3?: list<string>,
     * }>
     */
    public static function provideKinds(): iterable
    {
        yield '1 net of five cords' => ['netted-pouch', [
            ['open', '#stuff-cord-mesh > summary'], ['write', '#cords-mesh-count', '5'],
        ], ['5 cords', '10 ends', 'with a needle']];
        yield '2 working cords laid under a knotted loop' => ['square-knot-band', [
            ['choose', '#closure-kind-two-ends'], ['choose', '#closure-start-knotted-loop'],
            ['choose', '#closure-finish-ties'], ['open', '#stuff-cord-core > summary'],
            ['choose', '#cords-core-run-folded'], ['open', '#stuff-cord-working > summary'],
            ['choose', '#cords-working-run-under'],
        ], ['Wind all folded cords around your fingers', 'Lay the middle of the working cord under the core']];
        yield '3 two laces' => ['laced-chain', [
            ['press', '#cord-add'],
        ], ['both laces', 'Put the tails of both sides through slide']];
        yield '4 waves' => ['wave-band', [
            ['write', '#pattern', '2 square, (wave 3 round / seed, 2 square) x fit'],
            ['write', '#closure-behind', '2'],
        ], ['go on outwards, half the row with each end', 'Hide 2 square knots']];
        yield '5 stacked pairs' => ['stacked-band', [
            ['press', '#cord-add'],
        ], ['down over', 'overhand']];
        yield '6 a bundle with its own slider cord' => ['strand-bundle', [
            ['press', '#slider-add'],
        ], ['slider cord', 'Bend', 'Roll each tail']];
        yield '7 spaced by a gauge' => ['spaced-knots', [
            ['write', '#pattern', '(1 barrel 2, gap 1 gauge centres) x fit, 1 barrel 2'],
            ['write', '#closure-tails', 'stop barrel 3'],
        ], ['Lay your spacing gauge along the cord,', 'a barrel of 3 wraps']];
        yield '8 a wrap whose loop the short end ties' => ['bundled-wrap', [
            ['open', '#habits > summary'], ['choose', '#habits-loopEnd-short'],
        ], ['short end']];
        yield '9 a plain knot on elastic' => ['stretch', [
            ['press', '#closure-plain'],
        ], ['pen', 'overhand'], ['3 overhands']];
        yield '10 a clasp with what it is made of' => ['knotted-strands', [
            ['choose', '#closure-kind-two-ends'], ['choose', '#closure-start-findings'],
            ['choose', '#closure-finish-loop'],
        ], ['clasp', 'loop']];
        yield '11 an eyelet that takes soft ends in' => ['square-knot-band', [
            ['open', '#stuff-cord-core > summary'], ['write', '#cords-core-fibre', 'leather'],
            ['write', '#cords-core-thickness', '1.5'], ['choose', '#cords-core-run-folded'],
            ['open', '#stuff-cord-working > summary'], ['write', '#cords-working-fibre', 'hemp'],
            ['choose', '#closure-kind-two-ends'], ['choose', '#closure-start-button'],
            ['choose', '#closure-finish-loop'], ['write', '#closure-loops', '2'],
        ], ['Lay the 2 ends of the working cord along the core', 'Part the ends in two']];
        yield '12 a clasp tied to doubled cores' => ['square-knot-band', [
            ['choose', '#closure-kind-clasp'], ['write', '#closure-behind', '2'],
        ], ['over the doubled core', 'square knot']];
        yield '13 a second loop of its own colour' => ['rope-knot', [
            ['press', '#second-add'],
        ], ['rope of the second loop', 'wind tape around them']];
        yield '14 a stone glued into what a piece hangs on' => ['square-knot-band', [
            ['open', '#put-finding > summary'], ['press', '[value="finding-add connector"]'],
            ['open', '#put-finding > summary'], ['press', '[value="finding-add stone"]'],
            ['write', '#pattern', '1 square x fit, focal connector-1, mirror'],
        ], ['stone-1 into connector-1', 'lark']];
        yield '15 a braided chain varnished' => ['braided-chain', [
            ['open', '#stuff-cord-left > summary'], ['write', '#cords-left-fibre', 'cotton'],
            ['open', '#stuff-cord-right > summary'], ['write', '#cords-right-fibre', 'cotton'],
            ['open', '#habits > summary'], ['choose', '#habits-sealing-varnish'],
        ], ['hairpin', 'clear varnish'], ['Glue both']];
        yield '16 half knots by turns' => ['square-knot-band', [
            ['write', '#pattern', '1 half left x 40 alternate'],
        ], ['20 square knots'], ['half knot']];
        yield '17 strands one below another' => ['layered-strands', [
            ['open', '#put > summary'], ['press', '[value="put @ below"]'],
        ], ['Pull the cord 4 straight', 'let all 4 strands hang']];
    }

    /**
     * What no part of a piece knows is said where it stands, and typed away again.
     */
    public function testWhatItDoesNotKnowIsRefusedByName(): void
    {
        $this->newPiece();
        $this->write('#pattern', '20 square, below 3 cm (10 square)');
        $this->until('return document.querySelector("#pattern-fault")?.textContent.includes("below")');
        $this->write('#pattern', '20 square');
        $this->until('return !document.querySelector("#pattern-fault")');
        $this->assertNothingLogged();
    }

    private function press(string $selector): void
    {
        $this->tabTo($selector);
        $isBox = true === $this->read('return document.activeElement.type === "checkbox"');
        $this->driver->getKeyboard()->sendKeys($isBox ? WebDriverKeys::SPACE : WebDriverKeys::ENTER);
        $this->settled();
    }

    private function choose(string $selector): void
    {
        $this->until('return !!document.querySelector('.json_encode($selector).')');
        $this->reach($selector);
        $name = $this->read('return document.querySelector('.json_encode($selector).').name');
        self::assertIsString($name);
        $this->tabTo('[name="'.$name.'"]:checked');
        $chosen = 'return document.querySelector('.json_encode($selector).').checked';
        for ($i = 0; $i < 14 && true !== $this->read($chosen); ++$i) {
            $this->driver->getKeyboard()->sendKeys(WebDriverKeys::ARROW_DOWN);
        }
        self::assertTrue($this->read($chosen), $selector);
        $this->settled();
    }

    private function write(string $selector, string $text): void
    {
        $this->until('return !!document.querySelector('.json_encode($selector).')');
        $this->tabTo($selector);
        if (true === $this->read('return document.activeElement.tagName === "SELECT"')) {
            $label = $this->read(
                'return [...document.activeElement.options].find(one => one.value === '.json_encode($text).').text',
            );
            self::assertIsString($label);
            $this->driver->getKeyboard()->sendKeys($label);
        } else {
            $this->driver->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
            $this->driver->getKeyboard()->sendKeys($text);
        }
        $this->driver->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        $this->settled();
    }

    /**
     * Waits until Rinkel has it all.
     */
    private function settled(): void
    {
        $this->until('return "going" !== document.documentElement.dataset.saving');
    }
}
