<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Document;

use Rinkel\App\Document\Attached;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\Files\Json;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\App\WebCase;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Process\Process;

final class AttachedTest extends WebCase
{
    /**
     * A work sheet is a PDF like any other, and the piece in it is the one on the paper; brought in, it is known.
     */
    public function testAWorkSheetIsReadBackAsItsPiece(): void
    {
        $stored = $this->lay(['name' => 'Pier “of” Zoë', 'pattern' => '5 square, 2 half left x fit']);
        $pdf = $this->sheet($stored->id());
        $files = self::getContainer()->get(PieceFiles::class);
        $pieces = self::getContainer()->get(Pieces::class);
        $writer = new PieceWriter();
        $planned = (new Planner())->plan($pieces->piece($stored))->draft->piece->decided();
        self::assertSame($writer->write($planned), $writer->write($files->parse($pdf)));

        $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($file, $pdf);
        $listed = (new Process(['pdfdetach', '-list', $file]))->mustRun()->getOutput();
        self::assertStringContainsString(Attached::name(), $listed, 'other programs find it as well');
        $page = $this->browser->request('POST', '/import', files: [
            'files' => [new UploadedFile($file, 'sheet.pdf', 'application/pdf', test: true)],
        ]);
        self::assertResponseIsSuccessful();
        self::assertSame('Pier “of” Zoë', $page->filter('.piece-name')->text());
        $pieces = self::getContainer()->get(Pieces::class);
        $pieces->delete($pieces->find($stored->id()) ?? self::fail('It is gone already.'));
        $page = $this->browser->request('POST', '/import', files: [
            'files' => [new UploadedFile($file, 'sheet.pdf', 'application/pdf', test: true)],
        ]);
        $this->browser->submit($page->filter('form[action$=lay]')->form());
        self::assertResponseRedirects('/', 303);
        unlink($file);
    }

    /**
     * Paper for several has them all: what is cut together, and a design in sizes, which is anybody's then.
     */
    public function testPaperForSeveralHasThemAll(): void
    {
        $one = $this->lay(['name' => 'Reed', 'pattern' => '5 square x fit'])->id();
        $two = $this->lay(['name' => 'Rush', 'for' => 'Ada', 'pattern' => '7 square x fit'])->id();
        $names = fn (string $path): array => array_map(
            static fn (string $json): array => array_intersect_key(
                Json::read($json, 1_000_000),
                ['name' => 0, 'for' => 0],
            ),
            (new Attached())->pieces($this->paper($path)),
        );
        self::assertSame(
            [['name' => 'Reed'], ['name' => 'Rush', 'for' => 'Ada']],
            $names("/cut/sheet.pdf?p[]={$one}&p[]={$two}"),
        );
        self::assertSame([['name' => 'Rush', 'for' => 'Ada']], $names("/pieces/{$two}/line.pdf"));
        $sizes = "/pieces/{$two}/";
        foreach (['sizes', 'instructions'] as $which) {
            $in = $names($sizes.$which.'.pdf?by=girths&list=15+cm;17+cm');
            self::assertCount(2, $in);
            self::assertArrayNotHasKey('for', $in[0]);
        }
    }

    /**
     * Cut short, of others, or with something else attached there is no piece in it; nothing is unpacked without end.
     */
    public function testAnyOtherPdfHasNoPieceInIt(): void
    {
        $reader = new Attached();
        $pdf = $this->sheet($this->lay()->id());
        self::assertTrue($reader->knows($pdf));
        self::assertCount(1, $reader->pieces($pdf));
        $at = (int) strpos($pdf, '/EmbeddedFile');
        self::assertSame([], $reader->pieces(substr($pdf, 0, $at + 120)));
        self::assertSame([], $reader->pieces(str_replace('/EmbeddedFile', '/EmbeddedFilm', $pdf)));
        self::assertSame([], $reader->pieces("%PDF-1.7\n"));
        $bomb = gzcompress(str_repeat(' ', 5_000_000).'"rinkel-piece"');
        self::assertSame([], $reader->pieces(\sprintf(
            "%%PDF-1.7\n<< /Type /EmbeddedFile /Filter /FlateDecode /Length %d "
                ."/Params <</Size 9>> >> stream\n%s\nendstream",
            \strlen((string) $bomb),
            $bomb,
        )));
        self::assertFalse($reader->knows('{"format": "rinkel-piece"}'));
    }

    private function sheet(int $id): string
    {
        return $this->paper('/pieces/'.$id.'/work.pdf');
    }

    private function paper(string $path): string
    {
        $this->browser->request('GET', $path);
        self::assertResponseIsSuccessful();

        return $this->browser->getInternalResponse()->getContent();
    }
}
