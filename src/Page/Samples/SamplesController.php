<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Samples;

use Rinkel\App\Backup\Archive;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Platform\Http\Streamed;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Platform\Wording\FieldTexts;
use Rinkel\App\Samples\HandView;
use Rinkel\App\Samples\KeptSamples;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Samples\StoredSample;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\SampleReader;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Samples page: a maker measures knots of their own, and sees what they say.
 */
#[Route('/samples')]
final class SamplesController extends AbstractController
{
    private const BLANK = [
        'knot' => 'square', 'count' => '10', 'turns' => '', 'core.count' => '2', 'core.thickness' => '1 mm',
        'cord.fibre' => 'polyester', 'cord.thickness' => '1 mm', 'length' => '', 'before' => '', 'after' => '',
        'beads' => '', 'braid.cords' => '3', 'link.length' => '8 mm', 'link.width' => '6 mm', 'link.inside' => '4 mm',
        'wave.steps' => '4', 'wave.seeds' => '', 'round.diameter' => '3 mm', 'seed.size' => '11/0', 'note' => '',
    ];

    /** The same for who works in inches, where it is another. */
    private const BLANK_INCHES = [
        'core.thickness' => '0.04 in', 'cord.thickness' => '0.04 in', 'link.length' => '5/16 in',
        'link.width' => '1/4 in',
        'link.inside' => '0.16 in',
    ];

    private const COUNTS = ['count', 'turns', 'core.count', 'braid.cords', 'wave.steps', 'wave.seeds'];

    /** Of which work a field says something; of all where nothing stands here. */
    private const OF = [
        'count' => ['knots', 'link', 'wave'], 'length' => ['knots', 'braid', 'wave'], 'turns' => ['knots'],
        'beads' => ['knots'], 'core.count' => ['knots'], 'core.thickness' => ['knots', 'wave'],
        'braid.cords' => ['braid'], 'link.length' => ['link'], 'link.width' => ['link'], 'link.inside' => ['link'],
        'wave.steps' => ['wave'], 'wave.seeds' => ['wave'], 'round.diameter' => ['wave'], 'seed.size' => ['wave'],
    ];

    public function __construct(
        private readonly Samples $samples,
        private readonly HandView $view,
        private readonly SampleReader $reader,
        private readonly Preferences $preferences,
        private readonly Bin $bin,
        private readonly KeptSamples $kept,
        private readonly Archive $archive,
    ) {}

    /**
     * @return array<string, string>
     */
    private function blank(): array
    {
        return ($this->preferences->unit()->isImperial() ? self::BLANK_INCHES : []) + self::BLANK;
    }

    #[Route('', 'samples', methods: 'GET')]
    public function show(Request $request): Response
    {
        return $this->page($this->blank(), [], $this->samples->find(LooseData::query($request)->id('new')));
    }

    #[Route('', 'sample_add', methods: 'POST')]
    public function add(Request $request): Response
    {
        $sent = LooseData::form($request)->within('s');
        $typed = $this->blank();
        foreach (array_keys($typed) as $field) {
            $typed[$field] = $sent->text($field, 200);
        }
        $unit = $this->preferences->unit();
        try {
            $document = self::document($typed, $unit);
            $this->reader->read($document, $unit);
            $stored = $this->samples->add($document);

            return $this->redirectToRoute('samples', ['new' => $stored->id()], Response::HTTP_SEE_OTHER);
        } catch (PieceUnreadable $unreadable) {
            return $this->page($typed, $unreadable->byPath(), null);
        }
    }

    #[Route('/{id}/aside', 'sample_aside', requirements: ['id' => '[0-9]{1,18}'], methods: 'POST')]
    public function aside(int $id): Response
    {
        $stored = $this->samples->find($id) ?? throw $this->createNotFoundException();
        $this->samples->put($stored, !$stored->isAside());

        return $this->redirectToRoute('samples', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{id}/delete', 'sample_delete', requirements: ['id' => '[0-9]{1,18}'], methods: 'POST')]
    public function delete(int $id): Response
    {
        $stored = $this->samples->find($id) ?? throw $this->createNotFoundException();
        $removal = $this->bin->put($this->kept, $stored);

        return $this->redirectToRoute('samples', ['removed' => $removal->uid], Response::HTTP_SEE_OTHER);
    }

    #[Route('/samples.json', 'samples_export', methods: 'GET')]
    public function export(): Response
    {
        return Streamed::json('rinkel-samples.json', $this->archive->listed(
            $this->kept,
            ['format' => SampleReader::FORMAT, 'version' => SampleReader::VERSION],
            'samples',
        ));
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults by field
     */
    private function page(array $typed, array $faults, ?StoredSample $new): Response
    {
        return $this->render('samples/samples.html.twig', [
            'typed' => $typed,
            'faults' => $faults,
            'new' => $new,
            'changes' => null === $new ? [] : $this->view->changes($new),
            'samples' => $this->view->samples(),
            'push' => $this->view->push(),
            'known' => $this->view->known(),
            'words' => $this->reader->words(),
            'sections' => SampleReader::SECTIONS,
            'fibres' => Fibre::cases(),
            'unit' => $this->preferences->unit(),
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * Returns what was typed as a document, bare lengths with the unit that they are meant in.
     *
     * @param array<string, string> $typed
     *
     * @return array<mixed>
     */
    private static function document(array $typed, Unit $unit): array
    {
        $document = [];
        $work = \in_array($typed['knot'], SampleReader::SECTIONS, true) ? $typed['knot'] : 'knots';
        foreach ($typed as $field => $text) {
            if ('' === $text || !\in_array($work, self::OF[$field] ?? [$work], true)) {
                continue;
            }
            $isLength = \in_array($field, ['length', 'before', 'after'], true);
            $isCount = \in_array($field, self::COUNTS, true)
                && 1 === preg_match('/^\d{1,6}$/D', $text);
            FieldTexts::put($document, $field, match (true) {
                $isLength => FieldTexts::inUnit($text, $unit),
                $isCount => (int) $text,
                default => $text,
            });
        }

        return $document;
    }
}
