<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Arrange;

use Rinkel\App\Arrange\ArrangementOffers;
use Rinkel\App\Piece\Pieces;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Six arrangements of a piece's beads to choose from, and another six.
 */
final class ArrangeController extends AbstractController
{
    /** Seeds beyond it begin again. */
    private const MOST = 9999;

    public function __construct(
        private readonly Pieces $pieces,
        private readonly ArrangementOffers $offered,
    ) {}

    #[Route('/pieces/{id}/arrange', 'arrange', requirements: ['id' => '[0-9]{1,18}'], methods: 'GET')]
    public function show(int $id, Request $request): Response
    {
        $stored = $this->pieces->find($id) ?? throw $this->createNotFoundException();
        $asked = $request->query->all()['seed'] ?? 1;
        $seed = \is_scalar($asked) ? max(1, min(self::MOST, (int) $asked)) : 1;
        $wish = $this->pieces->piece($stored);
        $six = $this->offered->six($wish, $seed);

        return $this->render('arrange/show.html.twig', [
            'stored' => $stored,
            'name' => $wish->name,
            'six' => $six,
            'next' => $seed >= self::MOST ? 1 : $seed + 1,
            'before' => $seed > 1 ? $seed - 1 : null,
        ]);
    }
}
