<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Sizes;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Table\TrayMakings;
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
    /** So many things of a kind are offered at once; for others one looks. */
    private const OFFERED = 100;

    public function __construct(
        private readonly TrayMakings $makings,
        private readonly StockBox $stock,
        private readonly Pieces $pieces,
        private readonly Preferences $preferences,
    ) {}

    #[Route('', 'tray', methods: 'GET')]
    public function show(Request $request): Response
    {
        $ids = LooseData::query($request)->ids('t');
        $words = LooseData::query($request)->text('q', 100);

        $rows = $this->offered($words, $ids);

        return $this->render('sizes/tray.html.twig', [
            'rows' => $rows,
            'tape' => StockRow::tape($rows),
            'words' => $words,
            'chosen' => $ids,
            'makings' => [] === $ids ? [] : $this->makings->of($ids),
            'unit' => $this->preferences->unit(),
        ]);
    }

    /**
     * @param list<int> $ids of what is on the tray already
     *
     * @return list<StockRow> cords and beads to choose from: what is on the tray, and what those words are said of
     */
    private function offered(string $words, array $ids): array
    {
        $rows = [];
        foreach ([
            ...$this->stock->these($ids),
            ...$this->stock->found(Kind::Cord, $words, self::OFFERED)[0],
            ...$this->stock->found(Kind::Bead, $words, self::OFFERED)[0],
        ] as $row) {
            if (null !== $row->item && \in_array($row->stored->kind(), [Kind::Cord, Kind::Bead], true)) {
                $rows[$row->stored->id()] = $row;
            }
        }

        return array_values($rows);
    }

    #[Route('', 'tray_lay', methods: 'POST')]
    public function lay(Request $request): Response
    {
        $wish = $this->makings->made(LooseData::form($request)->raw('design'), LooseData::form($request)->ids('t'));
        if (null === $wish) {
            return $this->redirectToRoute('tray', [], Response::HTTP_SEE_OTHER);
        }
        $laid = $this->pieces->add($wish->renamed($this->pieces->freeName($wish->name)));

        return $this->redirectToRoute('piece', ['id' => $laid->id()], Response::HTTP_SEE_OTHER);
    }
}
