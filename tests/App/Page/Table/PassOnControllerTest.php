<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Table;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use Rinkel\App\Document\DesignsFile;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Piece\Credit;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Examples;
use Symfony\Component\DomCrawler\Crawler;

final class PassOnControllerTest extends WebCase
{
    private const SAID = ['by' => ' Wil  Mees ', 'licence' => 'CC BY 4.0', 'says' => 'Two ; lines: of "it"'];

    public function testADesignComesToAnotherMakerWithItsAuthorAndIsMadeInTheirSize(): void
    {
        $id = $this->lay(['name' => 'Mole, Isa’s', 'for' => 'Isa', 'tension' => 'firm', 'risk' => 50])->id();
        $also = $this->lay(
            ['name' => 'Pier', 'wearer.place' => 'ankle', 'wearer.girth' => '22 cm', 'pattern' => '3 square fill'],
        )->id();
        $form = $this->browser->request('GET', '/library/pass-on', ['piece' => [(string) $id]])->filter('form')->form();
        self::assertSame([(string) $id], LooseData::of($form->getPhpValues())->list('piece'));
        $this->browser->request(
            'GET',
            '/library/designs.json',
            self::SAID + ['piece' => [(string) $id, (string) $also]],
        );
        self::assertResponseIsSuccessful();
        $file = (string) $this->browser->getResponse()->getContent();
        $schema = (string) file_get_contents(\dirname(__DIR__, 4).'/docs/designs.schema.json');
        self::assertTrue((new Validator())->validate(json_decode($file), $schema)->isValid());
        self::assertStringNotContainsString('Isa', $file);

        self::getContainer()->get(Pieces::class)->delete($this->stored($id));
        self::getContainer()->get(Pieces::class)->delete($this->stored($also));
        $page = $this->browser->request('POST', '/import', ['text' => $file]);
        self::assertSame(['Mole', 'Pier'], $page->filter('.piece-name')->extract(['_text']));
        self::assertStringContainsString('Wil Mees; CC BY 4.0', $page->filter('.piece-row')->text());
        $this->browser->submit($page->filter('form[action$=lay]')->form());

        $page = $this->browser->request('GET', '/library', ['girth' => '18.5 cm']);
        self::assertResponseIsSuccessful();
        $design = $page->filter('[data-design^=of-]')->reduce(
            static fn (Crawler $one): bool => 'Mole' === $one->filter('h2')->text(),
        );
        self::assertSame('Design by Wil Mees. CC BY 4.0. Two ; lines: of "it"', $design->filter('.credit')->text());
        $this->browser->request('GET', (string) $design->filter('img')->attr('src'));
        self::assertResponseHeaderSame('Content-Type', 'image/svg+xml');
        $this->browser->submit($design->filter('form')->form());
        preg_match('~/pieces/(\d+)~', (string) $this->browser->getResponse()->headers->get('Location'), $made);
        $made = (int) ($made[1] ?? 0);
        $credit = $this->credit($made);
        self::assertMatchesRegularExpression('/^\d+-[0-9a-f]{16}$/', $credit->mark ?? '');
        self::assertEquals(new Credit('Wil Mees', 'CC BY 4.0', self::SAID['says'], $credit->mark ?? ''), $credit);
        self::assertSame('185 mm', LooseData::of($this->stored($made)->document())->within('wearer')->text('girth'));
        self::assertStringContainsString('Wil Mees', $this->browser->followRedirect()->filter('#credit')->text());
        self::assertCount(
            2,
            $this->browser->request('GET', '/library')->filter('[data-design^=of-]'),
            'what was made of a design is no other one',
        );

        $this->browser->request(
            'GET',
            '/library/designs.json',
            ['by' => 'Somebody', 'licence' => 'Anything', 'piece' => [$made]],
        );
        $this->browser->request('POST', '/import', ['text' => (string) $this->browser->getResponse()->getContent()]);
        self::assertSelectorTextContains('.piece-row', 'Wil Mees; CC BY 4.0');

        $this->edit($this->stored($made), ['ease' => '20 mm']);
        self::assertSame('20 mm', LooseData::of($this->stored($made)->document())->text('ease'));
        self::assertEquals($credit, $this->credit($made), 'whose design it is stays when it is changed');
        $said = fn (): string => $this->browser->request('GET', '/pieces/'.$made)->filter('#credit')->text();
        self::assertStringStartsWith('Design by Wil Mees', $said(), 'in another size it is the same');
        $this->edit($this->stored($made), ['cords.working.thickness' => '1.5 mm']);
        self::assertStringStartsWith('Changed from a design by Wil Mees', $said());
        $this->edit($this->stored($made), ['cords.working.thickness' => '1 mm']);
        self::assertStringStartsWith('Design by Wil Mees', $said());

        $this->browser->request('GET', '/pieces/'.$made.'/piece.rinkel.txt');
        $text = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString("\ncredit says: Two ; lines: of \"it\"\n", $text);
        $page = $this->browser->request('POST', '/import', ['text' => $text]);
        self::assertStringContainsString('You already have this piece.', $page->filter('.piece-row')->text());
    }

    #[TestWith(['by', "\u{200b} "])]
    #[TestWith(['licence', ''])]
    #[TestWith(['says', '……'], 'longer than it may be')]
    #[TestWith(['piece', ['999999', 'x']])]
    public function testWhatLacksIsSaidAndWhatWasTypedStays(string $field, mixed $wrong): void
    {
        $id = (string) $this->lay(['name' => 'Mole'])->id();
        $typed = [$field => '……' === $wrong ? str_repeat('a ', 400) : $wrong] + self::SAID + ['piece' => [$id]];
        $page = $this->browser->request('GET', '/library/designs.json', $typed);
        self::assertResponseStatusCodeSame(422);
        self::assertCount(1, $page->filter('.fault'));
        $inSight = $page->filter('[autofocus]')->extract(['id']);
        self::assertSame('piece' === $field ? [] : ['d-'.$field], $inSight, 'it is in sight below the pieces');
        foreach (array_diff(array_keys(self::SAID), [$field]) as $other) {
            self::assertSame(trim(self::SAID[$other]), trim((string) $page->filter('#d-'.$other)->attr('value')));
        }
        self::assertCount('piece' === $field ? 0 : 1, $page->filter('input[name="piece[]"][checked]'));
    }

    public function testAFileHasSoManyDesignsAndNoMore(): void
    {
        $document = self::getContainer()->get(DesignsFile::class)->write(
            array_fill(0, DesignsFile::MOST + 1, Examples::piece()),
            new Credit('Wil Mees', 'CC BY 4.0'),
        );
        $page = $this->browser->request('POST', '/import', ['text' => (string) json_encode($document)]);
        self::assertCount(DesignsFile::MOST, $page->filter('[name="lay[]"]'));
        self::assertStringContainsString('at most 60 designs', $page->filter('.fault')->text());

        $ids = array_map(fn (): string => (string) $this->lay()->id(), range(0, DesignsFile::MOST));
        $page = $this->browser->request('GET', '/library/designs.json', self::SAID + ['piece' => $ids]);
        self::assertResponseStatusCodeSame(422);
        self::assertStringContainsString('at most 60 designs', $page->filter('.fault')->text());
        $picked = $page->filter('input[name="piece[]"][checked]');
        self::assertCount(DesignsFile::MOST + 1, $picked, 'all are still picked');
    }

    private function stored(int $id): StoredPiece
    {
        return self::getContainer()->get(Pieces::class)->find($id) ?? throw new \LogicException('No piece '.$id);
    }

    private function credit(int $id): ?Credit
    {
        $pieces = self::getContainer()->get(Pieces::class);

        return $pieces->piece($this->stored($id))->workmanship->credit;
    }
}
