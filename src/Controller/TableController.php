<?php

declare(strict_types=1);

namespace Rinkel\App\Controller;

use Rinkel\App\Entity\StoredPiece;
use Rinkel\App\Piece\Pieces;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Table page: the pieces on the go, and the way to a new one.
 */
final class TableController extends AbstractController
{
    public function __construct(
        private readonly Pieces $pieces,
        private readonly PieceReader $reader,
        private readonly Planner $planner,
    ) {}

    #[Route('/', 'table', methods: 'GET')]
    public function table(Request $request): Response
    {
        return $this->page($request, ['name' => '', 'wrist' => '', 'unit' => 'cm'], []);
    }

    #[Route('/pieces', 'piece_create', methods: 'POST')]
    public function create(Request $request): Response
    {
        $typed = [];
        foreach (['name' => '', 'wrist' => '', 'unit' => 'cm'] as $field => $default) {
            $value = $request->request->all()[$field] ?? $default;
            $typed[$field] = \is_scalar($value) ? mb_scrub((string) $value) : $default;
        }
        try {
            $piece = $this->reader->read([
                'format' => PieceReader::FORMAT,
                'version' => PieceReader::VERSION,
                'construction' => 'square-knot-band',
                'name' => '' === trim($typed['name']) ? 'Flat band' : $typed['name'],
                'unit' => $typed['unit'],
                'wearer' => ['wrist' => $typed['wrist']],
            ]);
        } catch (PieceUnreadable $unreadable) {
            $faults = array_column($unreadable->faults, 'sentence', 'path');

            return $this->page($request, $typed, [
                'name' => $faults['name'] ?? null,
                'wrist' => $faults['wearer.wrist'] ?? null,
                'unit' => $faults['unit'] ?? null,
            ]);
        }

        return $this->redirectToRoute('piece', ['id' => $this->pieces->add($piece)->id()], Response::HTTP_SEE_OTHER);
    }

    /**
     * @param array<string, string>      $typed
     * @param array<string, string|null> $faults
     */
    private function page(Request $request, array $typed, array $faults): Response
    {
        $putAway = $this->pieces->find($request->query->getInt('put_away'));
        $archive = $request->query->getBoolean('archive');

        return $this->render('table/table.html.twig', [
            'pieces' => array_map($this->row(...), $archive ? $this->pieces->archived() : $this->pieces->onTheTable()),
            'archive' => $archive,
            'put_away' => null !== $putAway && $putAway->isArchived() ? $this->row($putAway) : null,
            'typed' => $typed,
            'faults' => $faults,
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * @return array{stored: StoredPiece, plan: Plan}
     */
    private function row(StoredPiece $stored): array
    {
        return ['stored' => $stored, 'plan' => $this->planner->plan($this->pieces->piece($stored))];
    }
}
