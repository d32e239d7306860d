<?php

declare(strict_types=1);

namespace Rinkel\App\Sizes;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockRow;
use Rinkel\Core\Stock\Kind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What can be made from what lies in the tray.
 */
#[Route('/tray')]
final class TrayController extends AbstractController
{
    public function __construct(
        private readonly TrayMakings $makings,
        private readonly StockBox $stock,
        private readonly Pieces $pieces,
        private readonly Preferences $preferences,
    ) {}

    #[Route('', 'tray', methods: 'GET')]
    public function show(Request $request): Response
    {
        $ids = self::ids($request->query->all()['t'] ?? null);

        return $this->render('sizes/tray.html.twig', [
            'rows' => array_filter($this->stock->rows(), static fn (StockRow $row): bool => null !== $row->item
                && \in_array($row->stored->kind(), [Kind::Cord, Kind::Bead], true)),
            'chosen' => $ids,
            'makings' => [] === $ids ? [] : $this->makings->of($ids),
            'unit' => $this->preferences->unit(),
        ]);
    }

    #[Route('', 'tray_lay', methods: 'POST')]
    public function lay(Request $request): Response
    {
        $sent = $request->request->all();
        $design = \is_string($sent['design'] ?? null) ? $sent['design'] : '';
        $wish = $this->makings->made($design, self::ids($sent['t'] ?? null));
        if (null === $wish) {
            return $this->redirectToRoute('tray', [], Response::HTTP_SEE_OTHER);
        }
        $laid = $this->pieces->add($wish->renamed($this->pieces->freeName($wish->name)));

        return $this->redirectToRoute('piece', ['id' => $laid->id()], Response::HTTP_SEE_OTHER);
    }

    /**
     * @return list<int>
     */
    private static function ids(mixed $sent): array
    {
        return array_values(array_map(intval(...), array_filter(
            \is_array($sent) ? $sent : [],
            static fn (mixed $id): bool => \is_string($id) && 1 === preg_match('/^\d{1,18}$/D', $id),
        )));
    }
}
