<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use PHPUnit\Framework\Attributes\Group;

/**
 * An order from its request to its parcel, on a laptop and a phone at once: what is ticked, tapped or delivered on one
 * stands on the other.
 */
final class OrderTest extends BrowserCase
{
    #[Group('slow')]
    public function testAnOrderIsMadeOnTwoDevicesAtOnce(): void
    {
        $this->newPiece('16 cm');
        $this->type('name', 'Order rail');
        $this->until('return document.documentElement.dataset.saving === "kept" || document.querySelector("#piece").dataset.state === "kept"');
        $laptop = $this->driver->getWindowHandle();
        $this->open('/orders');
        $this->type('o-for', 'Jonna');
        $this->find('#ask')->click();
        $this->until('return location.pathname.startsWith("/orders/")');
        $order = $this->read('return location.pathname');
        self::assertIsString($order);
        $this->read('const piece = document.querySelector("#a-piece"); piece.selectedIndex = [...piece.options].findIndex(
            (one) => one.textContent.trim() === "Order rail");');
        $this->type('a-count', '2');
        $this->find('form[action$="/add"] button')->click();
        $this->until('return document.querySelectorAll("#things > li").length === 2');

        // The laptop shows the sheet, the phone ticks what is cut.
        $this->find('#stages a.act')->click();
        $this->until('return document.querySelectorAll("input[id^=tick-]").length > 0');
        $sheet = $this->read('return location.pathname + location.search');
        self::assertIsString($sheet);
        $phone = $this->driver->switchTo()->newWindow('window')->getWindowHandle();
        $this->screen(390, 844);
        $this->open($sheet);
        $cuts = $this->read('return document.querySelectorAll("input[id^=tick-]").length');
        foreach (range(0, (int) (is_numeric($cuts) ? $cuts : 0) - 1) as $i) {
            $this->read('document.querySelectorAll("input[id^=tick-]")['.$i.'].click()');
        }
        $this->driver->switchTo()->window($laptop);
        $this->until('return document.querySelectorAll("input[id^=tick-]:checked").length === '.json_encode($cuts));
        $this->find('#take-ticked')->click();
        $this->until('return location.pathname === '.json_encode($order));
        self::assertSame(2, $this->read('return document.querySelectorAll("#things form[action$=board]").length'));

        // The phone makes the first on its board, the laptop sees it on the way and finishes it.
        $this->driver->switchTo()->window($phone);
        $this->open($order);
        self::assertLessThanOrEqual(390, $this->number('return document.documentElement.scrollWidth'), 'nothing hangs over');
        $this->find('#things form[action$=board] button')->click();
        $this->until('return !!document.querySelector("#now")');
        $this->find('#more')->click();
        $this->until('return +document.querySelector("#progress").value > 0');
        $this->driver->switchTo()->window($laptop);
        $this->open('/');
        $this->until('return !!document.querySelector("#in-work [data-work=board]")');
        $this->turns($order);
        foreach ([1, 2] as $times) {
            $this->open($order);
            $this->find('#things a.piece-link')->click();
            $this->until('return location.pathname.startsWith("/makings/")');
            if (2 === $times) {
                $this->open($order);
                $this->read('document.querySelectorAll("#things a.piece-link")[1].click()');
                $this->until('return location.pathname.startsWith("/makings/")');
            }
            $this->find('a[href$="/finish"]')->click();
            $this->until('return !!document.querySelector("#l-minutes")');
            $this->type('l-minutes', '45');
            $this->read('[...document.querySelectorAll("form[enctype] button")].at(-1).click()');
            $this->until('return location.pathname === "/log"');
        }

        // Both are made; the phone delivers them.
        $this->driver->switchTo()->window($phone);
        $this->open($order);
        $this->find('#stages button[value=delivered]')->click();
        $this->until('return document.querySelectorAll("#things .next").length === 2
            && [...document.querySelectorAll("#things .next")].every((one) => one.textContent.includes("Delivered"))');
        $this->driver->close();
        $this->driver->switchTo()->window($laptop);
        $this->screen(1280, 800);
        $this->open($order.'/slip');
        self::assertStringContainsString('Order rail', $this->text('article'));
        $this->open('/bench');
        self::assertStringNotContainsString('Order rail', $this->text('main'), 'nothing of it is left to do');
    }

    /**
     * What is done to one is done to the other before more is done to the first: one tap more leads there.
     */
    private function turns(string $order): void
    {
        $this->open($order);
        $this->find('#stages button[value=board]')->click();
        $this->until('return !!document.querySelector("a#together")');
        $this->find('a#together')->click();
        $this->until('return document.querySelectorAll("#together li").length === 2');
        // Marking may be left of one, then comes the body of the one, then that of the other.
        for ($turn = 0; $turn < 3 && 0.0 === $this->number(
            'return document.querySelectorAll("#together [data-turn=done]").length',
        ); ++$turn) {
            $here = $this->read('return location.pathname');
            $until = $this->number('return +document.querySelector("#together").dataset.until');
            for ($i = 0; $i < 40 && $this->number('return document.querySelector("#progress").value') < $until; ++$i) {
                $this->find('#all')->click();
            }
            self::assertSame($until, $this->number('return document.querySelector("#progress").value'));
            self::assertTrue($this->read('return document.querySelector("#turn-next").classList.contains("act")'));
            $this->find('#more')->click();
            $this->until(
                'return location.pathname.startsWith("/boards/") && location.pathname !== '.json_encode($here),
            );
            $this->until('return !!document.querySelector("#together")');
        }
        self::assertSame(1.0, $this->number('return document.querySelectorAll("#together [data-turn=done]").length'));
    }
}
