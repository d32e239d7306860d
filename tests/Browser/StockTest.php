<?php

declare(strict_types=1);

namespace Rinkel\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;

final class StockTest extends BrowserCase
{
    /** Stock as somebody keeps it in a spreadsheet; one row of it cannot be. */
    private const TABLE = "kind;name;diameter;hole;colour;material;count;price;supplier\r\n"
        ."bead;Acorn;8 mm;3 mm;#7a5a2a;wood;40;0,20;Wood loft\r\n"
        ."bead;Ghost;8 mm;9 mm;#ffffff;glass;4;;\r\n"
        ."bead;Acorn small;5 mm;2,5 mm;#7a5a2a;wood;3;4,20 for 100;Wood loft\r\n";

    /**
     * From a spreadsheet into the box, from the box into a piece, and what is missing onto the shopping list and back.
     */
    #[Group('slow')]
    public function testFromATableIntoAPieceAndOntoTheShoppingList(): void
    {
        $file = sys_get_temp_dir().'/rinkel-beads.csv';
        file_put_contents($file, self::TABLE);
        $this->open('/stock/tables');
        $this->find('#table')->sendKeys($file);
        $this->find('[aria-labelledby=tables-read] button')->click();
        $this->untilShown('#preview-says', '2 new items');
        self::assertStringContainsString('one row can’t be read.', $this->text('#preview-says'));
        self::assertStringContainsString('hole', $this->text('[data-standing=bad]'));
        $this->find('#preview button.act')->click();
        $this->untilShown('#items', 'Acorn');
        $this->type('q', 'acorn sma');
        $this->until('return document.querySelectorAll("#items > li").length === 1');
        $this->type('q', WebDriverKeys::BACKSPACE);
        $this->until('return document.querySelectorAll("#items > li").length === 2');

        $this->newPiece();
        $piece = (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH);
        $this->find('#to-materials')->click();
        $this->find('#bead-add')->click();
        $this->untilShown('#stuff-bead-1');
        $this->find('#stuff-bead-1 > summary')->click();
        $this->find('#bead-1-from-stock > summary')->click();
        $this->untilShown('#bead-1-from-stock button', 'Acorn');
        $this->driver->findElement(
            WebDriverBy::xpath('//details[@id="bead-1-from-stock"]//button[contains(., "small")]'),
        )->click();
        $this->until('return document.querySelector("#bead-1-diameter").value === "5 mm"');
        self::assertSame('2.5 mm', $this->find('#bead-1-hole')->getAttribute('value'));

        $this->find('#to-pattern')->click();
        $this->type('pattern', '(3 square, 1 bead bead-1) x 8, 3 square');
        $this->driver->getKeyboard()->sendKeys([WebDriverKeys::TAB]);
        $this->until('return document.querySelectorAll("#board [data-bead]").length === 8');
        $this->find('#to-cut')->click();
        $this->untilShown('#missing', '5 × bead-1');

        $this->driver->findElement(
            WebDriverBy::xpath('//section[@aria-labelledby="cords"]//a[contains(., "Shopping list")]'),
        )->click();
        $this->untilShown('#bought', 'Wood loft');
        self::assertStringContainsString('€4.20', $this->text('#bought'), 'a pack of 100 at 4.20');
        foreach ($this->driver->findElements(WebDriverBy::cssSelector('#bought input[type=checkbox]')) as $got) {
            $got->click();
        }
        $this->find('#bought button.act')->click();
        $this->untilShown('#all-there');
        $this->open($piece.'?stage=cut');
        self::assertSame('', $this->text('#missing'));

        // Cut on a phone: ticks stay, nothing scrolls sideways, what is taken off is gone from both.
        $this->screen(390, 844);
        $this->open('/cut?p[]='.basename($piece));
        self::assertLessThanOrEqual(390, $this->number('return document.documentElement.scrollWidth'));
        $id = (string) $this->find('.cut-list input[type=checkbox]')->getAttribute('id');
        $this->find('.cut-list input[type=checkbox]')->click();
        $this->until('return !document.querySelector(".htmx-request")');
        usleep(300_000);
        $this->open('/cut?p[]='.basename($piece));
        self::assertTrue($this->find('#'.$id)->isSelected(), 'it is cut, and stays so');
        $this->read('document.querySelector("#take").scrollIntoView({block: "center"})');
        $this->find('#take')->click();
        $this->untilShown('#taking', 'This is cut and out of stock.');
        $this->open('/stock?kind=bead&q=small');
        self::assertStringContainsString('95 in stock', $this->text('#items'), 'what the pack had more than was used');
        $this->emptied();
        $this->assertNothingLogged();
    }

    /**
     * The Piece page prints as a sheet: what to cut on the first page, the piece at true size, nothing that is pressed;
     * by lamp light, too.
     */
    public function testAPiecePrintsAsASheet(): void
    {
        $this->newPiece();
        $this->light('dark');
        $stem = sys_get_temp_dir().'/rinkel-printed-'.bin2hex(random_bytes(4));
        file_put_contents($stem.'.pdf', $this->printed());
        $text = (new Process(['pdftotext', '-f', '1', '-l', '1', $stem.'.pdf', '-']))->mustRun()->getOutput();
        self::assertStringContainsString('Cords to cut', $text);
        self::assertStringContainsString('At true size', $text);
        foreach (['Undo', 'Start making', 'Settings', 'True size', 'Redo'] as $control) {
            self::assertStringNotContainsString($control, $text);
        }
        (new Process(['pdftoppm', '-r', '254', '-f', '1', '-l', '1', '-png', $stem.'.pdf', $stem]))->mustRun();
        $files = glob($stem.'*.png') ?: [];
        $page = imagecreatefrompng($files[0] ?? '') ?: self::fail('Nothing was printed.');
        self::assertSame(0xFFFFFF, imagecolorat($page, 20, 20) & 0xFFFFFF, 'it prints light');
        // A whole strip of tape is 180 mm long.
        $longest = 0;
        for ($y = 0; $y < imagesy($page); $y += 3) {
            $run = 0;
            for ($x = 0; $x < imagesx($page); ++$x) {
                $colour = imagecolorat($page, $x, $y);
                $isTape = ($colour >> 16 & 0xFF) > 200 && ($colour >> 8 & 0xFF) > 160 && ($colour & 0xFF) < 80;
                $run = $isTape ? $run + 1 : 0;
                $longest = max($longest, $run);
            }
        }
        self::assertEqualsWithDelta(1800, $longest, 4);
        array_map(unlink(...), [...$files, $stem.'.pdf']);
        self::assertSame(
            'none',
            $this->read('return getComputedStyle(document.querySelector("#paper")).display'),
            'and it is gone again',
        );
    }

    private function emptied(): void
    {
        foreach (['cord', 'bead'] as $kind) {
            $this->open('/stock?kind='.$kind);
            while ([] !== $this->driver->findElements(WebDriverBy::cssSelector('#items form'))) {
                $this->driver->executeScript('document.querySelector("#items form").submit()');
                usleep(300_000);
                $this->untilShown('#found');
            }
        }
    }
}
