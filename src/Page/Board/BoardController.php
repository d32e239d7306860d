<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Board;

use Rinkel\App\Board\Boards;
use Rinkel\App\Board\BoardViews;
use Rinkel\App\Board\KeptBoards;
use Rinkel\App\Board\Paces;
use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Board\Taps;
use Rinkel\App\Board\Together;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\Glues;
use Rinkel\Core\Failure;
use Rinkel\Core\Making\TapeReading;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Work\Cure;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Board page: a piece in the making, one move a tap. What is tapped is counted on the device and sent when it can
 * be; several devices show the same.
 */
final class BoardController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];
    /** Some glues take days. */
    private const MOST_MINUTES = 10_080;

    public function __construct(
        private readonly Boards $boards,
        private readonly Pieces $pieces,
        private readonly BoardViews $views,
        private readonly Preferences $preferences,
        private readonly Glues $glues,
        private readonly Paces $paces,
        private readonly Taps $taps,
        private readonly Together $together,
    ) {}

    #[Route('/pieces/{id}/board', 'board_open', requirements: self::ID, methods: 'POST')]
    public function open(int $id): Response
    {
        try {
            $board = $this->boards->of($this->pieces->find($id) ?? throw $this->createNotFoundException());
        } catch (PieceUnreadable) {
            return $this->redirectToRoute('piece', ['id' => $id], Response::HTTP_SEE_OTHER);
        }

        return $this->back($board->id());
    }

    #[Route('/boards/{id}', 'board', requirements: self::ID, methods: 'GET')]
    public function show(int $id): Response
    {
        $board = $this->board($id);
        try {
            return $this->page($board);
        } catch (PieceUnreadable) {
            // What is wrong with it stands on a page of its own.
            return $this->redirectToRoute(
                'kept',
                ['kind' => 'making', 'uid' => $board->making()->uid()],
                Response::HTTP_SEE_OTHER,
            );
        }
    }

    #[Route('/boards/{id}/read', 'board_read', requirements: self::ID, methods: 'POST')]
    public function read(int $id, Request $request): Response
    {
        $board = $this->board($id);
        $typed = LooseData::form($request)->within('r')->typed(500);
        $unit = $this->boards->plan($board)->draft->piece->unit;
        $faults = [];
        $length = static function (string $field) use ($typed, $unit, &$faults): ?Length {
            try {
                return '' === ($typed[$field] ?? '') ? null : Length::parse($typed[$field], $unit);
            } catch (Failure $failure) {
                $faults[$field] = [new Fault($field, $failure->said())];

                return null;
            }
        };
        $role = '' === ($typed['role'] ?? '') ? null : $typed['role'];
        $reached = new TapeReading(
            $board->moves(),
            $length('length'),
            null === $length('left') ? null : $role,
            $length('left'),
        );
        if ([] === $faults && (null !== $reached->length || null !== $reached->left)) {
            try {
                $this->boards->read($board, $reached, '1' === ($typed['pushed'] ?? ''));

                return $this->back($id, 'forecast');
            } catch (PieceUnreadable $unreadable) {
                $faults = $unreadable->byPath();
            }
        }

        return $this->page($this->board($id), $typed, $faults);
    }

    /**
     * Takes one of the ways out of a short cord, or the plan as it was changed on the piece's page.
     */
    #[Route('/boards/{id}/follow', 'board_follow', requirements: self::ID, methods: 'POST')]
    public function follow(int $id, Request $request): Response
    {
        $board = $this->board($id);
        $key = $request->request->all()['way'] ?? '';
        $design = $board->piece();
        $piece = 'changed' === $key && null !== $design ? $this->pieces->piece($design) : null;
        $read = $this->boards->lastRead($board);
        foreach ('changed' === $key ? [] : $this->views->of($board)->ways($read) as $way) {
            if ($way->key === $key && null === $way->piece) {
                // The plan stays; what hands do otherwise is part of the work from now on.
                $this->boards->detour($board, $way, $read->role ?? '');
            }
            $piece = $way->key === $key ? $way->piece : $piece;
        }
        if (null !== $piece) {
            $this->boards->follow($board, $piece);
        }

        return $this->back($id);
    }

    /**
     * Notes that hands did otherwise than planned, as a way out said.
     */
    #[Route('/boards/{id}/detour', 'board_detour', requirements: self::ID, methods: 'POST')]
    public function detour(int $id, Request $request): Response
    {
        $this->boards->detoured($this->board($id), LooseData::form($request)->raw('detour'));

        return $this->back($id);
    }

    /**
     * Keeps the plan of the board, whatever its piece is by now.
     */
    #[Route('/boards/{id}/keep', 'board_keep', requirements: self::ID, methods: 'POST')]
    public function keep(int $id): Response
    {
        $this->boards->stay($this->board($id));

        return $this->back($id);
    }

    #[Route('/boards/{id}/clock', 'board_clock', requirements: self::ID, methods: 'POST')]
    public function clock(int $id, Request $request): Response
    {
        $board = $this->board($id);
        $sent = LooseData::form($request);
        $uid = $sent->like('id', '/^[0-9a-f]{12,24}$/D');
        $step = $sent->exact('step', 0, \PHP_INT_MAX);
        $minutes = $sent->number('minutes', 1, self::MOST_MINUTES, null);
        if ('' !== $sent->raw('stop')) {
            $this->boards->stop($board, $sent->raw('stop'));
        } elseif ('' !== $uid && null !== $step && null !== $minutes) {
            $this->boards->start($board, $uid, $step, $minutes);
        }

        return $this->back($id, 'clocks');
    }

    #[Route('/boards/{id}/pause', 'board_pause', requirements: self::ID, methods: 'POST')]
    public function pause(int $id, Request $request): Response
    {
        $note = LooseData::form($request)->text('note', 500);
        $this->boards->pause($this->board($id), mb_substr($note, 0, 500));

        return $this->back($id);
    }

    /**
     * Hands the piece over to the log, with what the board knows of it.
     */
    #[Route('/boards/{id}/finish', 'board_finish', requirements: self::ID, methods: 'POST')]
    public function finish(int $id): Response
    {
        $board = $this->board($id);
        $typed = $this->views->of($board)->measured(
            $this->boards->lastRead($board),
            $this->paces->minutes($board),
        );

        return $this->redirectToRoute(
            'making_finish',
            ['id' => $board->making()->id(), 'l' => $typed],
            Response::HTTP_SEE_OTHER,
        );
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    private function page(StoredBoard $board, array $typed = [], array $faults = []): Response
    {
        $view = $this->views->of($board);
        $reached = $this->boards->lastRead($board);

        return $this->render('board/board.html.twig', [
            'view' => $view,
            'together' => $this->together->around($board),
            'reached' => $reached,
            'sound' => KeptBoards::isSound($board),
            'clocks' => $this->boards->clocks($board),
            'forecast' => $view->forecast($reached),
            'ways' => $view->ways($reached),
            'changed' => $this->views->changed($board, $view),
            'typed' => $typed,
            'faults' => $faults,
            'hand' => $this->preferences->custom(Custom::Hand),
            'plan_hash' => Taps::planOf($board),
            'clock_id' => $this->taps->newId(),
            'minutes' => $this->paces->minutes($board),
            'glues' => array_map(
                fn (Cure $cure): array => [$cure->strain(), $this->glues->bearing($cure->strain())],
                $view->cures(),
            ),
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    private function board(int $id): StoredBoard
    {
        return $this->boards->find($id) ?? throw $this->createNotFoundException();
    }

    private function back(int $id, string $to = ''): Response
    {
        return $this->redirectToRoute(
            'board',
            ['id' => $id] + ('' === $to ? [] : ['_fragment' => $to]),
            Response::HTTP_SEE_OTHER,
        );
    }
}
