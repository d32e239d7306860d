<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Kept;

use Rinkel\App\Kept\Bin;
use Rinkel\App\Kept\Everything;
use Rinkel\App\Kept\Kept;
use Rinkel\App\Kept\KeptBin;
use Rinkel\App\Platform\Files\Json;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What can be done to everything that is kept: read it as text and mend it there, delete it, and have it back.
 */
final class KeptController extends AbstractController
{
    private const PLACE = ['kind' => '[a-z]{1,20}', 'uid' => '[0-9a-z-]{1,40}'];
    private const LARGEST = 4_000_000;

    public function __construct(
        private readonly Everything $everything,
        private readonly Bin $bin,
    ) {}

    #[Route('/kept/{kind}/{uid}', 'kept', requirements: self::PLACE, methods: 'GET')]
    public function text(string $kind, string $uid): Response
    {
        [$of, $stored] = $this->asked($kind, $uid);
        $row = $of->row($stored);
        try {
            $of->read($row);
            $faults = [];
        } catch (PieceUnreadable $unreadable) {
            $faults = $unreadable->faults;
        }

        return $this->page($of, $uid, self::written($row), $faults, Response::HTTP_OK);
    }

    /**
     * Keeps what was mended in the text, once it can be read; what it was lies in the bin.
     */
    #[Route('/kept/{kind}/{uid}', 'kept_mend', requirements: self::PLACE, methods: 'POST')]
    public function mend(string $kind, string $uid, Request $request): Response
    {
        [$of, $stored] = $this->asked($kind, $uid);
        $text = LooseData::form($request)->raw('text');
        try {
            $row = $of->read(['uid' => $uid] + Json::read($text, self::LARGEST));
            $this->bin->note($of, $stored);
            $this->bin->bring($of, $row);

            return $this->redirectToRoute($of->page(), [], Response::HTTP_SEE_OTHER);
        } catch (PieceUnreadable $unreadable) {
            $faults = $unreadable->faults;
        } catch (\JsonException $exception) {
            $faults = [new Fault('', new Message('no-json', ['reason' => $exception->getMessage()]))];
        }

        return $this->page($of, $uid, $text, $faults, Response::HTTP_UNPROCESSABLE_ENTITY);
    }

    #[Route('/kept/{kind}/{uid}/delete', 'kept_delete', requirements: self::PLACE, methods: 'POST')]
    public function delete(string $kind, string $uid): Response
    {
        [$of, $stored] = $this->asked($kind, $uid);
        if ($of instanceof KeptBin) {
            return $this->redirectToRoute('bin', [], Response::HTTP_SEE_OTHER); // it goes by itself
        }
        $removal = $this->bin->put($of, $stored);

        return $this->redirectToRoute($of->page(), ['removed' => $removal->uid], Response::HTTP_SEE_OTHER);
    }

    #[Route('/bin', 'bin', methods: 'GET')]
    public function bin(Request $request): Response
    {
        $page = LooseData::query($request)->number('page', 1, 999_999, 1);

        return $this->render('kept/bin.html.twig', [
            'removals' => $this->bin->page($page),
            'page' => $page,
            'pages' => (int) ceil($this->bin->count() / Bin::PAGE),
            'days' => Bin::DAYS,
            'refused' => null,
        ]);
    }

    #[Route('/bin/{uid}/restore', 'bin_restore', requirements: ['uid' => '[0-9a-f]{32}'], methods: 'POST')]
    public function restore(string $uid): Response
    {
        $removal = $this->bin->find($uid);
        if (null === $removal) {
            return $this->redirectToRoute('bin', [], Response::HTTP_SEE_OTHER); // it is back already
        }
        try {
            return $this->redirectToRoute($this->bin->restore($removal)->page(), [], Response::HTTP_SEE_OTHER);
        } catch (PieceUnreadable $unreadable) {
            return $this->render('kept/bin.html.twig', [
                'removals' => $this->bin->page(1),
                'page' => 1,
                'pages' => (int) ceil($this->bin->count() / Bin::PAGE),
                'days' => Bin::DAYS,
                'refused' => ['uid' => $uid, 'faults' => $unreadable->faults],
            ], new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY));
        }
    }

    /**
     * @return array{Kept, object}
     */
    private function asked(string $kind, string $uid): array
    {
        $of = $this->everything->named($kind) ?? throw $this->createNotFoundException();

        return [$of, $of->find($uid) ?? throw $this->createNotFoundException()];
    }

    /**
     * @param list<Fault> $faults
     */
    private function page(Kept $of, string $uid, string $text, array $faults, int $status): Response
    {
        return $this->render('kept/text.html.twig', [
            'kind' => $of->word(),
            'page' => $of->page(),
            'uid' => $uid,
            'text' => $text,
            'faults' => $faults,
        ], new Response(status: $status));
    }

    /**
     * @param array<string, mixed> $row
     */
    private static function written(array $row): string
    {
        return json_encode($row, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES
            | \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE);
    }
}
