<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Table;

use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Table\BeginningPictures;
use Rinkel\App\Table\Beginnings;
use Rinkel\App\Table\Design;
use Rinkel\App\Table\Family;
use Rinkel\App\Table\Found;
use Rinkel\App\Table\Shelf;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The way to a new piece.
 */
final class NewController extends AbstractController
{
    private const BLANK = [
        'place' => 'wrist', 'girth' => '', 'unit' => 'cm', 'person' => '', 'construction' => '', 'sit' => '',
        'design' => '',
        'from' => '', 'spell' => '', 'stone_length' => '', 'stone_width' => '', 'tray' => '',
    ];

    /** Where a fault in the document is told on the page. */
    private const FIELDS = [
        'wearer.girth' => 'girth', 'unit' => 'unit', 'spell' => 'spell', 'stone' => 'stone', 'tray' => 'tray',
    ];

    /** What makers begin with who have made nothing here yet (judgement). */
    public const USUAL = ['square-knot-band', 'stretch', 'bundled-wrap'];

    public function __construct(
        private readonly Pieces $pieces,
        private readonly People $people,
        private readonly Beginnings $beginnings,
        private readonly BeginningPictures $pictures,
        private readonly Shelf $shelf,
        private readonly Found $found,
        private readonly Preferences $preferences,
    ) {}

    #[Route('/new', 'piece_new', methods: 'GET')]
    public function new(Request $request): Response
    {
        $person = $this->people->find(LooseData::query($request)->id('person'));

        return $this->choice([
            'unit' => $this->preferences->unit()->value,
            'person' => null === $person ? '' : (string) $person->id(),
        ] + self::BLANK, []);
    }

    /**
     * Answers with what the ready designs need for what is typed so far.
     */
    #[Route('/new/designs', 'new_designs', methods: 'GET')]
    public function designs(Request $request): Response
    {
        $typed = LooseData::query($request)->typed(200) + self::BLANK;

        return $this->render('table/_designs.html.twig', [
            'shelf' => $this->shelf->designs(),
            'needs' => $this->needs($typed),
            'typed' => $typed,
            'unit' => Unit::tryFrom($typed['unit']) ?? $this->preferences->unit(),
        ]);
    }

    #[Route('/pieces', 'piece_create', methods: 'POST')]
    public function create(Request $request): Response
    {
        $typed = self::BLANK;
        foreach ($typed as $field => $default) {
            $value = $request->request->all()[$field] ?? $default;
            $typed[$field] = \is_scalar($value) ? mb_substr(mb_scrub((string) $value), 0, 2000) : $default;
        }
        try {
            $piece = $this->beginnings->piece($typed, $this->preferences->beginning());

            return $this->redirectToRoute(
                'piece',
                ['id' => $this->pieces->add($piece->renamed($this->pieces->freeName($piece->name)))->id()],
                Response::HTTP_SEE_OTHER,
            );
        } catch (PieceUnreadable $unreadable) {
            $faults = [];
            foreach ($unreadable->faults as $fault) {
                $faults[self::FIELDS[$fault->path] ?? 'construction'][] = $fault;
            }

            return $this->choice($typed, $faults);
        }
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, Design>
     */
    private function needs(array $typed): array
    {
        if ('' === trim($typed['girth']) && '' === $typed['person']) {
            return [];
        }
        try {
            return $this->beginnings->needs(['design' => '', 'from' => ''] + $typed, $this->preferences->beginning());
        } catch (PieceUnreadable) {
            return []; // its field says why once a piece is begun with it
        }
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    private function choice(array $typed, array $faults): Response
    {
        $used = $this->found->used();

        return $this->render('table/new.html.twig', [
            'pictures' => $this->pictures->all(),
            'families' => Family::sorted($this->found->constructions(), $used),
            'quick' => \array_slice(array_unique([...$used, ...self::USUAL]), 0, 3),
            'shelf' => $this->shelf->designs(),
            'needs' => $this->needs($typed),
            'people' => $this->people->all(),
            'typed' => $typed,
            'faults' => $faults,
            'unit' => Unit::tryFrom($typed['unit']) ?? Unit::Centimetre,
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }
}
