<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Board;

use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Board\Taps;
use Rinkel\App\Platform\LooseData;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What devices send of a board with every move, and ask for again and again: it knows no plan, so that it is quick.
 */
#[Route('/boards/{id}', requirements: ['id' => '[0-9]{1,18}'])]
final class TapController extends AbstractController
{
    private const FARTHEST = 5000;

    public function __construct(private readonly Taps $taps) {}

    /**
     * Takes taps that a device made, as JSON: each with the uid that the device gave it, once.
     */
    #[Route('/taps', 'board_taps', methods: 'POST')]
    public function taps(int $id, Request $request): Response
    {
        $board = $this->board($id);
        $sent = json_decode($request->getContent(), true, 6);
        $taps = [];
        foreach (\is_array($sent) && \is_array($sent['taps'] ?? null) ? $sent['taps'] : [] as $tap) {
            $tap = \is_array($tap) ? $tap : [];
            [$uid, $by, $at] = [$tap['id'] ?? null, $tap['by'] ?? null, $tap['at'] ?? null];
            if (
                \is_string($uid) && 1 === preg_match('/^[0-9a-f]{12,24}$/D', $uid)
                && \is_int($by) && abs($by) <= self::FARTHEST && \is_int($at) && $at > 0
            ) {
                $taps[] = ['id' => $uid, 'by' => $by, 'at' => $at];
            }
        }
        if ([] !== $taps && !$board->isFinished()) {
            $this->taps->tapped($board, $taps);
        }

        return new JsonResponse($this->taps->state($board));
    }

    #[Route('/state', 'board_state', methods: 'GET')]
    public function now(int $id): Response
    {
        return new JsonResponse($this->taps->state($this->board($id)));
    }

    /**
     * Counts without scripts.
     */
    #[Route('/one', 'board_one', methods: 'POST')]
    public function one(int $id, Request $request): Response
    {
        $this->taps->one(
            $this->board($id),
            LooseData::form($request)->number('by', -self::FARTHEST, self::FARTHEST, 1),
        );

        return $this->redirectToRoute('board', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    private function board(int $id): StoredBoard
    {
        return $this->taps->board($id) ?? throw $this->createNotFoundException();
    }
}
