<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Making;

use Rinkel\App\Board\Boards;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Stock\Kind;
use Rinkel\Tests\App\WebCase;

final class MakingControllerTest extends WebCase
{
    private const CORDS = [
        ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#aabbcc', 'spools' => ['20 m']],
        ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#112233', 'spools' => ['20 m']],
    ];

    /**
     * What is cut does not change with its piece: it asks, and says what it would need.
     */
    public function testWhatIsCutStaysAndAsks(): void
    {
        $piece = $this->lay(['pattern' => '12 square']);
        $making = $this->cut($piece);
        self::assertSame('cut', $making->state()->value);
        $page = $this->browser->request('GET', '/makings/'.$making->id());
        self::assertCount(0, $page->filter('#changed'));
        $cords = $page->filter('[aria-labelledby=making-cords] li')->count();
        self::assertSame(\count($making->cords()), $cords);

        $this->edit($piece, ['pattern' => '11 square']);
        $page = $this->browser->request('GET', '/makings/'.$making->id());
        self::assertStringContainsString(
            'Its cords are long enough for the changed piece.',
            $page->filter('#changed')->text(),
        );
        $this->browser->submit($page->selectButton(self::says('makings.adopt'))->form());
        self::assertSame('11 square', $this->again($making)->document()['pattern']);

        $this->edit($piece, ['pattern' => '60 square']);
        $page = $this->browser->request('GET', '/makings/'.$making->id());
        self::assertStringContainsString('longer', $page->filter('#changed li')->text());
        self::assertCount(0, $page->selectButton(self::says('makings.adopt')), 'its cords are too short for that');
        $this->browser->submit($page->selectButton(self::says('makings.stay'))->form());
        self::assertCount(0, $this->browser->followRedirect()->filter('#changed'));
        self::assertSame('11 square', $this->again($making)->document()['pattern']);
    }

    public function testTheBoardOfWhatIsCutBeginsAfterTheCut(): void
    {
        $making = $this->cut($this->lay(['pattern' => '12 square']));
        $this->browser->request('POST', '/makings/'.$making->id().'/board');
        $boards = self::getContainer()->get(Boards::class);
        $board = $boards->ofMaking($this->again($making));
        self::assertNotNull($board);
        $cutting = $boards->plan($board)->acts()->cutting();
        self::assertGreaterThan(0, $cutting);
        self::assertSame($cutting, $board->moves());
        $uncut = $boards->of($this->lay(['name' => 'Other', 'pattern' => '12 square']));
        self::assertSame(0, $uncut->moves());
    }

    /**
     * Of what was begun before anybody wrote down by which hand, that is written down as soon as its board is opened.
     */
    public function testAnOldBoardGetsItsHandOnce(): void
    {
        $making = $this->cut($this->lay(['pattern' => '12 square']));
        $making->freeze($making->document(), $making->name(), null, $making->design());
        $boards = self::getContainer()->get(Boards::class);
        $board = $boards->lay($making);
        self::assertNull($this->again($making)->hand());
        $before = $boards->plan($board)->draft->body();
        self::assertNotNull($this->again($making)->hand());
        $this->browser->request('POST', '/samples', ['s' => [
            'knot' => 'square', 'count' => '10', 'length' => '30 mm', 'core.count' => '2', 'core.thickness' => '1 mm',
            'core.fibre' => 'polyester', 'tying.fibre' => 'polyester', 'tying.thickness' => '1 mm',
        ]]);
        $again = self::getContainer()->get(Boards::class);
        $board = $again->ofMaking($this->again($making)) ?? self::fail('It lies there.');
        self::assertTrue($before->equals($again->plan($board)->draft->body()));
    }

    /**
     * One act after the other it goes back to the beginning, and the stock has all of it again.
     */
    public function testItGoesBackStepByStep(): void
    {
        $making = $this->cut($this->lay(['pattern' => '12 square']));
        $id = $making->id();
        $this->browser->request('POST', '/makings/'.$id.'/board');
        $this->browser->request('POST', '/makings/'.$id.'/finish', ['l' => ['left.working' => '30 cm', 'stock' => '1', 'sure' => '1']]);
        $this->browser->request('POST', '/makings/'.$id.'/deliver');
        foreach (['delivered' => 'Not delivered yet', 'made' => 'Not finished yet', 'board' => 'Off the board', 'cut' => 'Not made after all'] as $state => $back) {
            $page = $this->browser->request('GET', '/makings/'.$id);
            self::assertSame($state, $this->again($making)->state()->value);
            $this->browser->submit($page->selectButton($back)->form());
            self::assertResponseStatusCodeSame(303);
        }
        self::assertNull(self::getContainer()->get(Makings::class)->withUid($making->uid()), 'nobody asked for it');
        self::assertCount(0, $this->browser->request('GET', '/log')->filter('.entry'));
        self::assertGreaterThan(0, $this->browser->request('GET', '/bin')->filter('main li')->count(), 'the entry and the board are in the bin');
    }

    public function testACordGoesBackByItself(): void
    {
        $making = $this->cut($this->lay(['pattern' => '12 square']));
        $count = \count($making->cords());
        $page = $this->browser->request('GET', '/makings/'.$making->id());
        $this->browser->submit($page->selectButton(self::says('makings.put-back'))->form());
        $again = $this->again($making);
        self::assertCount($count - 1, $again->cords());
        self::assertSame('planned', $again->state()->value, 'it is not whole any more');
        $offcuts = array_merge(...array_map(
            static fn ($row): array => $row->stored->texts('offcuts'),
            self::getContainer()->get(StockBox::class)->rows(Kind::Cord),
        ));
        self::assertSame([$making->cords()[0]['length']], $offcuts);

        // The sheet has only what is missing.
        $sheet = $this->browser->request('GET', '/cut', ['m' => [(string) $making->id()]]);
        self::assertCount(1, $sheet->filter('input[name=cut]'));
        $this->browser->submit($sheet->filter('#take')->form());
        self::assertSame('cut', $this->again($making)->state()->value);
    }

    public function testWhatIsBegunCannotBeTakenBackOffTheStock(): void
    {
        $making = $this->cut($this->lay(['pattern' => '12 square']));
        $page = $this->browser->request('GET', '/makings/'.$making->id(), ['taken' => '1']);
        $undo = $page->filter('#taking form')->form();
        $this->browser->request('POST', '/makings/'.$making->id().'/board');
        $this->browser->submit($undo);
        self::assertStringContainsString('late', (string) $this->browser->getResponse()->headers->get('Location'));
        self::assertSame('board', $this->again($making)->state()->value);
        self::assertNotSame([], $this->again($making)->cords());
    }

    /**
     * Made anew, a piece keeps its beads: only its cord is cut and paid for.
     */
    public function testARepairKeepsItsBeads(): void
    {
        $piece = $this->lay([
            'beads' => ['b' => ['diameter' => '6 mm', 'hole' => '3 mm', 'colour' => '#123456']],
            'pattern' => '3 square, 5 bead b, 3 square',
        ]);
        $this->browser->request('POST', '/pieces/'.$piece->id().'/finish', ['l' => ['sure' => '1']]);
        $made = self::getContainer()->get(Makings::class)->of($piece)[0];
        $this->edit($piece, ['pattern' => '1 square, 5 bead b, 1 square']);
        $page = $this->browser->request('GET', '/makings/'.$made->id());
        $this->browser->submit($page->selectButton(self::says('makings.repair'))->form());
        $page = $this->browser->followRedirect();
        self::assertCount(1, $page->filter('#repair'));
        $again = self::getContainer()->get(Makings::class)->running($piece)[0];
        self::assertSame('3 square, 5 bead b, 3 square', $again->document()['pattern'], 'as it was made');
        $sheet = $this->browser->request('GET', '/cut', ['m' => [(string) $again->id()]]);
        self::assertCount(0, $sheet->filter('#need-list'));
        $price = $this->browser->request('GET', '/cut/price', ['m' => [(string) $again->id()]]);
        self::assertStringNotContainsString('round 6 mm', $price->filter('#cost')->text());

        $page = $this->browser->request('GET', '/makings/'.$made->id());
        $this->browser->submit($page->selectButton('Make another')->form());
        self::assertCount(0, $this->browser->followRedirect()->filter('#repair'));
    }

    public function testAPhotoIsKeptWithIt(): void
    {
        $making = $this->cut($this->lay(['pattern' => '12 square']));
        $file = (string) tempnam(sys_get_temp_dir(), 'rinkel-photo-');
        $image = imagecreatetruecolor(40, 30);
        imagejpeg($image, $file);
        $this->browser->request('POST', '/makings/'.$making->id().'/photo', [], [
            'photo' => new \Symfony\Component\HttpFoundation\File\UploadedFile($file, 'a.jpg', 'image/jpeg', test: true),
        ]);
        self::assertResponseStatusCodeSame(303);
        $this->browser->request('GET', '/photos/'.$making->uid().'.jpg');
        self::assertResponseIsSuccessful();
        file_put_contents($file, 'can’t read');
        $this->browser->request('POST', '/makings/'.$making->id().'/photo', [], [
            'photo' => new \Symfony\Component\HttpFoundation\File\UploadedFile($file, 'a.jpg', 'image/jpeg', test: true),
        ]);
        self::assertResponseStatusCodeSame(422);
        unlink($file);
    }

    public function testAPieceLeadsToWhatIsMadeOfIt(): void
    {
        $piece = $this->lay(['pattern' => '12 square']);
        self::assertCount(0, $this->browser->request('GET', '/pieces/'.$piece->id())->filter('#to-makings'));
        $this->cut($piece);
        $this->browser->request('POST', '/pieces/'.$piece->id().'/finish', ['l' => ['sure' => '1']]);
        $page = $this->browser->request('GET', '/pieces/'.$piece->id());
        self::assertSame('Made once, 1 in progress', $page->filter('#to-makings')->text());
        $all = $this->browser->click($page->filter('#to-makings')->link());
        self::assertCount(2, $all->filter('.pieces > li'));
        $this->browser->submit($all->selectButton('Plan another')->form());
        $this->browser->submit($this->browser->followRedirect()->selectButton(self::says('makings.forget'))->form());
        self::assertResponseRedirects('/pieces/'.$piece->id().'/makings');
        $this->browser->request('GET', '/makings/'.self::getContainer()->get(Makings::class)->running($piece)[0]->id().'/small.svg');
        self::assertStringContainsString('<svg', (string) $this->browser->getResponse()->getContent());
        $this->browser->request('GET', '/makings/999999');
        self::assertResponseStatusCodeSame(404);
    }

    private function cut(StoredPiece $piece): StoredMaking
    {
        $box = self::getContainer()->get(StockBox::class);
        foreach ($box->isEmpty() ? self::CORDS : [] as $cord) {
            $box->keep(null, Kind::Cord, $cord);
        }
        $sheet = $this->browser->request('GET', '/cut', ['p' => [(string) $piece->id()]]);
        $this->browser->submit($sheet->filter('#take')->form());
        self::assertResponseStatusCodeSame(303);
        $all = self::getContainer()->get(Makings::class)->running();

        return $all[\count($all) - 1];
    }

    private function again(StoredMaking $making): StoredMaking
    {
        $again = self::getContainer()->get(Makings::class)->withUid($making->uid());
        self::assertNotNull($again);

        return $again;
    }
}
