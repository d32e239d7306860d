<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Log;

use Opis\JsonSchema\Validator;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Examples;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;

final class LogControllerTest extends WebCase
{
    /**
     * The whole way: planned, finished, in the log, and the next plan is another.
     */
    public function testAFinishedPieceChangesTheNextPlan(): void
    {
        $piece = $this->lay(['name' => 'First rail', 'for' => 'Ottoline']);
        $cut = fn (): string => $this->browser->request('GET', '/pieces/'.$piece->id().'?stage=cut')
            ->filter('[data-cut=working] .cut-length')->text();
        $before = $cut();
        $form = $this->browser->request('GET', '/pieces/'.$piece->id().'/finish');
        self::assertStringContainsString('planned:', (string) $form->filter('#l-body')->attr('placeholder'));
        self::assertCount(3, $form->filter('[id^="l-left-"]'), 'core, working cord and slider');

        $page = $this->finish($piece, [
            'body' => '14,6 cm', 'left.working' => '34 cm', 'minutes' => '90', 'notes' => "Even light\nall day",
            'otherwise' => 'Pull the first knots less',
        ]);
        $entry = $page->filter('.entry');
        self::assertStringContainsString('First rail', $entry->text());
        self::assertStringContainsString('for Ottoline', $entry->text());
        self::assertStringContainsString('34 cm left', $entry->text());
        self::assertStringContainsString('90 minutes', $entry->text());
        self::assertStringContainsString('Pull the first knots less', $entry->text());
        self::assertCount(3, $page->filter('.log-chart'), 'length, what was left, and minutes');
        self::assertStringContainsString('One piece is too few to show a trend.', $page->filter('.chart')->text());
        self::assertNotSame($before, $cut(), 'the next plan is another');
        self::assertCount(
            0,
            $this->browser->request('GET', '/samples')->filter('.sample'),
            'the log is no sample, but counts',
        );

        // Its plan is frozen: what happens to the piece changes nothing here.
        $this->edit($piece, ['wearer.girth' => '19 cm', 'name' => 'Second rail']);
        self::assertStringContainsString(
            'First rail',
            $this->browser->request('GET', '/log')->filter('.entry')->text(),
        );
        $this->browser->submit($this->browser->getCrawler()->selectButton(self::says('log.again'))->form());
        $again = $this->browser->followRedirect();
        self::assertSame('First rail', $again->filter('#name')->attr('value'));
        self::assertSame('16 cm', $again->filter('#wearer-girth')->attr('value'));

        $this->browser->request('GET', '/log');
        $this->browser->submit($this->browser->getCrawler()->selectButton('Delete')->form());
        self::assertCount(0, $this->browser->followRedirect()->filter('.entry'));
    }

    /**
     * After a break: for another wrist, with the beads that remain.
     */
    public function testAPieceIsMadeAgainInAnotherSizeWithTheBeadsThatRemain(): void
    {
        $wish = Examples::planOf('strung-beads')->draft->piece->decided();
        $bead = (string) array_key_first($wish->materials->beads);
        $piece = self::getContainer()->get(Pieces::class)->add($wish);
        $page = $this->finish($piece, ['body' => '150 mm']);
        self::assertCount(1, $page->filter('input[name="again[stock.'.$bead.']"]'));
        $id = (int) preg_replace('/\D/', '', (string) $page->filter('form[id^=again-]')->attr('id'));
        $this->browser->request('POST', '/log/'.$id.'/again', ['again' => ['girth' => '18 cm', 'stock.'.$bead => '3']]);
        $again = $this->browser->followRedirect();
        self::assertSame('18 cm', $again->filter('#wearer-girth')->attr('value'));
        self::assertSame('3', $again->filter('[name="f[beads.'.$bead.'.stock]"]')->attr('value'));

        $page = $this->browser->request('POST', '/log/'.$id.'/again', ['again' => ['girth' => 'wide']]);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('I don’t know this', $page->filter('.entry .fault')->text());
        self::assertSame('wide', $page->filter('input[name="again[girth]"]')->attr('value'));
    }

    public function testWhatCannotBeIsToldAndNothingIsKept(): void
    {
        $piece = $this->lay();
        foreach ([
            'body' => ['long', 'I don’t know this'], 'left.working' => ['30 m', 'won’t work here. Enter'],
            'minutes' => ['all day', 'whole number'], 'tied' => ['0', 'whole number'],
        ] as $field => [$typed, $sentence]) {
            $this->browser->request(
                'POST',
                '/pieces/'.$piece->id().'/finish',
                ['l' => [$field => $typed, 'notes' => 'stays']],
            );
            self::assertResponseStatusCodeSame(422, $field);
            $page = $this->browser->getCrawler();
            $id = '#l-'.str_replace('.', '-', $field);
            self::assertStringContainsString($sentence, $page->filter($id.'-fault')->text(), $field);
            self::assertSame($typed, $page->filter($id)->attr('value'));
            self::assertSame('stays', $page->filter('#l-notes')->text());
        }
        foreach ([['l' => 'x'], ['l' => ['notes' => ['y']]]] as $sent) {
            $this->browser->request('POST', '/pieces/'.$piece->id().'/finish', $sent);
            self::assertResponseStatusCodeSame(303);
        }
        $this->browser->request('GET', '/pieces/999999/finish');
        self::assertResponseStatusCodeSame(404);
        self::assertCount(
            2,
            $this->browser->request('GET', '/log')->filter('.entry'),
            'what nobody measured is an entry all the same',
        );
    }

    public function testTheLogIsSearchedAndSaved(): void
    {
        $this->finish($this->lay(['name' => 'Pier']), ['body' => '150 mm', 'notes' => '=1+1']);
        $this->finish($this->lay(['name' => 'Jetty']), ['minutes' => '30']);
        self::assertSame(
            ['Jetty', 'Pier'],
            $this->browser->request('GET', '/log')->filter('.entry .piece-name')->extract(['_text']),
        );
        self::assertSame(
            ['Pier'],
            $this->browser->request('GET', '/log?q=pier')->filter('.entry .piece-name')->extract(['_text']),
        );
        self::assertCount(0, $this->browser->request('GET', '/log?q=%25')->filter('.entry'));

        $this->browser->request('GET', '/log.csv');
        $lines = explode("\r\n", trim($this->browser->getInternalResponse()->getContent()));
        self::assertCount(3, $lines);
        $cells = str_getcsv($lines[2], escape: '');
        self::assertSame('Pier', $cells[1]);
        self::assertSame('150', $cells[4]);
        self::assertSame("'=1+1", $cells[12], 'no formula runs in a spreadsheet');

        $this->browser->request('GET', '/log.json');
        $result = (new Validator())->validate(
            json_decode($this->browser->getInternalResponse()->getContent()),
            (string) file_get_contents(\dirname(__DIR__, 4).'/docs/log.schema.json'),
        );
        self::assertTrue($result->isValid(), (string) $result);
    }

    /**
     * A photo is kept smaller, upright and without what the camera wrote into it; what is no picture is told.
     */
    public function testAPhotoIsKeptWithoutItsPlace(): void
    {
        $piece = $this->lay(['name' => 'Pier']);
        $send = function (string $file) use ($piece): Crawler {
            $this->browser->request('POST', '/pieces/'.$piece->id().'/finish', ['l' => ['notes' => 'stays']], [
                'photo' => new UploadedFile($file, 'photo.jpg', 'image/jpeg', test: true),
            ]);

            return $this->browser->getCrawler();
        };
        $text = (string) tempnam(sys_get_temp_dir(), 'photo');
        file_put_contents($text, 'can’t read');
        $page = $send($text);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString(
            'Rinkel can’t read that picture, or not all of it arrived',
            $page->filter('#l-photo-fault')->text(),
        );
        self::assertSame('stays', $page->filter('#l-notes')->text());

        $image = imagecreatetruecolor(2000, 1000);
        self::assertNotFalse($image);
        imagejpeg($image, $text);
        // A camera's own block: turned by a quarter, and a place in its text.
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0GPS 52.09 N";
        $jpeg = (string) file_get_contents($text);
        file_put_contents($text, substr($jpeg, 0, 2)."\xff\xe1".pack('n', \strlen($exif) + 2).$exif.substr($jpeg, 2));
        $send($text);
        self::assertResponseStatusCodeSame(303);
        $page = $this->browser->followRedirect();
        self::assertSame('Pier, finished', $page->filter('.log-photo')->attr('alt'));
        $this->browser->request('GET', (string) $page->filter('.log-photo')->attr('src'));
        $response = $this->browser->getInternalResponse();
        $kept = $response->getContent();
        file_put_contents($text, $kept);
        self::assertSame(
            [800, 1600],
            \array_slice((array) getimagesize($text), 0, 2),
            'turned upright, as large as a screen',
        );
        self::assertStringNotContainsString('GPS', $kept);
        self::assertStringNotContainsString('Exif', $kept);
        unlink($text);

        $this->browser->request('GET', '/log');
        $this->browser->submit($this->browser->getCrawler()->selectButton('Delete')->form());
        $this->browser->request('GET', (string) $page->filter('.log-photo')->attr('src'));
        self::assertResponseStatusCodeSame(404);
    }

    public function testTimeIsWorthWhatItsMakerSays(): void
    {
        $this->browser->request('POST', '/settings', ['rate' => '18.50', 'currency' => 'EUR']);
        $page = $this->finish($this->lay(), ['minutes' => '50']);
        self::assertStringContainsString('€15.42', $page->filter('.entry')->text(), '50 minutes of 18.50 an hour');
    }

    /**
     * @param array<string, string> $fields
     */
    private function finish(StoredPiece $piece, array $fields): Crawler
    {
        $this->browser->request('POST', '/pieces/'.$piece->id().'/finish', ['l' => $fields + ['sure' => '1']]);
        self::assertResponseRedirects('/log', 303);

        return $this->browser->followRedirect();
    }
}
