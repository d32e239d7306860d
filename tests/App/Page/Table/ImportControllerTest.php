<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Table;

use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Tests\App\WebCase;
use Rinkel\Tests\Core\Examples;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;

final class ImportControllerTest extends WebCase
{
    public function testWhatWasSavedIsLookedAtAndLaidOnTheTable(): void
    {
        $piece = $this->lay(['name' => 'Saved here']);
        $this->browser->request('GET', '/pieces/'.$piece->id().'/piece.json');
        $saved = (string) $this->browser->getResponse()->getContent();
        $old = (string) file_get_contents(\dirname(__DIR__, 3).'/frozen/piece-1/harbour-rail.json');
        $bad = (string) json_encode(
            Examples::document(['wearer.girth' => '75 cm', 'cords.workng' => [], 'closure.knots' => 'many']),
        );
        $page = $this->upload(
            [
                'here.json' => $saved, 'old <b>.json' => $old, 'bad.json' => $bad, 'none.json' => '{"a":',
                'list.json' => '[1]',
            ],
        );

        self::assertResponseIsSuccessful();
        self::assertSame(
            ['Saved here', 'Harbour rail, for Ottoline', 'bad.json', 'none.json', 'list.json'],
            $page->filter('.piece-name')->extract(['_text']),
        );
        self::assertStringContainsString(
            'You already have this piece.',
            $page->filter('.piece-row')->eq(0)->text(),
        );
        self::assertCount(2, $page->filter('.piece-row svg'), 'each is drawn');
        self::assertSame(
            ['wearer.girth', 'closure.knots'],
            $page->filter('[data-arrival="bad.json"] code')->extract(['_text']),
            'faults by path',
        );
        self::assertStringContainsString('This isn’t valid JSON:', $page->filter('[data-arrival="none.json"]')->text());
        self::assertStringContainsString(
            'That file isn’t a piece. A piece file holds one JSON object.',
            $page->filter('[data-arrival="list.json"]')->text(),
        );
        self::assertCount(1, $this->browser->request('GET', '/')->filter('.piece-row'), 'nothing is laid yet');

        $form = $page->filter('form[action$=lay]')->form();
        $sent = $form->getPhpValues();
        $sent['lay'] = ['1'];
        $this->browser->request('POST', '/import/lay', $sent);
        self::assertResponseRedirects('/', 303);
        self::assertSame(
            ['Harbour rail, for Ottoline', 'Saved here'],
            $this->browser->followRedirect()->filter('.piece-name')->extract(['_text']),
        );
    }

    public function testEveryExampleThatIsSavedIsReadBackTheSame(): void
    {
        $files = array_map(
            static fn (\Rinkel\Core\Piece\PieceSpec $piece): string => (string) json_encode(
                (new PieceWriter())->write($piece),
            ),
            Examples::shipped(),
        );
        $page = $this->upload($files);

        self::assertCount(\count($files), $page->filter('input[name="lay[]"]'));
        self::assertCount(0, $page->filter('.fault'));
        $this->browser->submit($page->filter('form[action$=lay]')->form());
        self::assertStringContainsString(
            \count($files).' pieces',
            $this->browser->followRedirect()->filter('#found [role=status]')->text(),
        );
    }

    public function testNoFileAndWhatIsSentAroundThePage(): void
    {
        self::assertStringContainsString(self::says('import.none'), $this->browser->request('POST', '/import')->text());
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('POST', '/import/lay', ['lay' => ['0'], 'documents' => ['{"format":"else"}']]);
        self::assertResponseStatusCodeSame(422);
        $this->browser->request('POST', '/import/lay', ['lay' => 'x', 'documents' => 'y']);
        self::assertResponseRedirects('/', 303);
        self::assertCount(0, $this->browser->followRedirect()->filter('.piece-row'));
    }

    /**
     * Of files beyond what is looked at in one go nothing disappears: each is told.
     */
    public function testFilesBeyondWhatIsLookedAtAreTold(): void
    {
        $files = [];
        for ($i = 1; $i <= 53; ++$i) {
            $files[$i.'.json'] = '[1]';
        }
        $page = $this->upload($files);
        self::assertCount(53, $page->filter('.piece-row'));
        self::assertStringNotContainsString('Not read: the limit is', $page->filter('.piece-row')->eq(49)->text());
        foreach ([50, 51, 52] as $i) {
            self::assertStringContainsString('Not read: the limit is', $page->filter('.piece-row')->eq($i)->text());
        }
    }

    /**
     * @param array<string, string> $files
     */
    private function upload(array $files): Crawler
    {
        $uploads = [];
        foreach ($files as $name => $content) {
            $path = (string) tempnam(sys_get_temp_dir(), 'rinkel-up-');
            file_put_contents($path, $content);
            $uploads[] = new UploadedFile($path, $name, 'application/json', null, true);
        }

        return $this->browser->request('POST', '/import', [], ['files' => $uploads]);
    }
}
