<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Table;

use Rinkel\App\Document\DesignsFile;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Http\JsonAnswer;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Table\TableRow;
use Rinkel\App\Table\TableRows;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Credit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Passes designs on to other makers: which ones, whose they are and what others may do with them, in one file.
 */
final class PassOnController extends AbstractController
{
    /** So many of the pieces that were changed last are there to be picked. */
    private const SHOWN = 24;

    public function __construct(
        private readonly Pieces $pieces,
        private readonly TableRows $rows,
        private readonly DesignsFile $designs,
    ) {}

    #[Route('/library/pass-on', 'library_pass_on', methods: 'GET')]
    public function show(Request $request): Response
    {
        return $this->page(LooseData::query($request), []);
    }

    #[Route('/library/designs.json', 'library_designs', methods: 'GET')]
    public function save(Request $request): Response
    {
        $asked = LooseData::query($request);
        $picked = $this->found($asked->ids('piece'));
        $faults = match (true) {
            [] === $picked => [new Fault('piece', new Message('designs-none'))],
            \count($picked) > DesignsFile::MOST => [
                new Fault('piece', new Message('designs-many', ['most' => DesignsFile::MOST])),
            ],
            default => [],
        };
        $document = [];
        try {
            $credit = $this->designs->credit($asked->raw('by'), $asked->raw('licence'), $asked->raw('says'));
            $document = $this->designs->write(array_map($this->pieces->piece(...), $picked), $credit);
        } catch (PieceUnreadable $unreadable) {
            array_push($faults, ...$unreadable->faults);
        }
        if ([] !== $faults) {
            return $this->page($asked, $faults);
        }

        return JsonAnswer::file($document, 'rinkel-designs.json');
    }

    /**
     * @param list<Fault> $faults
     */
    private function page(LooseData $asked, array $faults): Response
    {
        $picked = $asked->ids('piece');
        $shown = $this->pieces->onTheTable(self::SHOWN);
        $others = array_diff($picked, array_map(static fn (StoredPiece $one): int => $one->id(), $shown));
        $said = [];
        foreach ($faults as $fault) {
            // What is wrong with a piece itself is said where it is picked.
            $field = str_replace('credit.', '', $fault->path);
            $said[isset(Credit::LONGEST[$field]) ? $field : 'piece'] ??= $fault->said;
        }

        return $this->render('table/pass-on.html.twig', [
            'rows' => array_filter(
                $this->rows->all([...$this->found(\array_slice($others, 0, DesignsFile::MOST + 1)), ...$shown]),
                static fn (TableRow $row): bool => null !== $row->summary,
            ),
            'picked' => $picked,
            'typed' => array_map(static fn (string $field): string => $asked->text($field, 1000), array_combine(
                array_keys(Credit::LONGEST),
                array_keys(Credit::LONGEST),
            )),
            'most' => Credit::LONGEST,
            'faults' => $said,
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * @param array<int> $ids
     *
     * @return list<StoredPiece> those of them that are there
     */
    private function found(array $ids): array
    {
        return array_values(array_filter(
            array_map($this->pieces->find(...), $ids),
            static fn (?StoredPiece $stored): bool => null !== $stored && null === $stored->discardedAt(),
        ));
    }
}
