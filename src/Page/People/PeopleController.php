<?php

declare(strict_types=1);

namespace Rinkel\App\Page\People;

use Psr\Clock\ClockInterface;
use Rinkel\App\Making\Makings;
use Rinkel\App\People\KeptPeople;
use Rinkel\App\People\People;
use Rinkel\App\People\Person;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Measurement;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The People page: who pieces are made for, what was measured of them, and how to measure.
 */
#[Route('/people')]
final class PeopleController extends AbstractController
{
    public function __construct(
        private readonly People $people,
        private readonly Makings $makings,
        private readonly Preferences $preferences,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('', 'people', methods: 'GET')]
    public function list(Request $request): Response
    {
        $putAway = $this->people->find(LooseData::query($request)->id('put_away'));

        return $this->page(
            $request,
            null,
            $this->blank(),
            [],
            null !== $putAway && $putAway->isArchived() ? $putAway : null,
        );
    }

    #[Route('', 'person_add', methods: 'POST')]
    public function add(Request $request): Response
    {
        return $this->keep($request, null);
    }

    #[Route('/{id}', 'person_keep', requirements: ['id' => '[0-9]{1,18}'], methods: 'POST')]
    public function change(int $id, Request $request): Response
    {
        return $this->keep($request, $this->person($id));
    }

    #[Route('/{id}/archive', 'person_archive', requirements: ['id' => '[0-9]{1,18}'], methods: 'POST')]
    public function archive(int $id): Response
    {
        $this->people->archive($this->person($id));

        return $this->redirectToRoute('people', ['put_away' => $id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{id}/restore', 'person_restore', requirements: ['id' => '[0-9]{1,18}'], methods: 'POST')]
    public function restore(int $id): Response
    {
        $this->people->restore($this->person($id));

        return $this->redirectToRoute('people', [], Response::HTTP_SEE_OTHER);
    }

    private function keep(Request $request, ?Person $person): Response
    {
        $typed = [];
        foreach ($this->blank() as $field => $default) {
            $value = $request->request->all()[$field] ?? $default;
            $typed[$field] = \is_scalar($value) ? mb_substr(mb_scrub((string) $value), 0, 500) : $default;
        }
        $typed['name'] = trim(preg_replace('/[\s\p{Z}\p{C}]+/u', ' ', $typed['name']) ?? '');
        [$lengths, $faults] = People::read($typed, $this->unit($typed));
        if ([] !== $faults) {
            return $this->page($request, $person, $typed, $faults);
        }
        try {
            $about = KeptPeople::about(array_intersect_key($typed, KeptPeople::ABOUT));
        } catch (PieceUnreadable $unreadable) {
            $fault = $unreadable->faults[0];

            return $this->page($request, $person, $typed, [$fault->path => $fault->said]);
        }
        $sent = LooseData::form($request);
        $back = $sent->id('back');
        $this->people->keep(
            $person,
            $typed['name'],
            $lengths,
            Measured::tryFrom($typed['measured']) ?? Measured::Snug,
            $sent->has('about') ? $about : null,
        );

        if ($back > 0) {
            return $this->redirectToRoute('piece', ['id' => $back], Response::HTTP_SEE_OTHER);
        }

        return $this->redirectToRoute('people', ['unit' => $this->unit($typed)->value], Response::HTTP_SEE_OTHER);
    }

    /**
     * @return list<string>
     */
    private static function places(): array
    {
        return array_column(Measurement::cases(), 'value');
    }

    private function person(int $id): Person
    {
        return $this->people->find($id) ?? throw $this->createNotFoundException();
    }

    /**
     * @return array<string, string>
     */
    private function blank(): array
    {
        return [
            'name' => '',
            'measured' => 'snug',
            'unit' => $this->preferences->unit()->value,
        ] + array_fill_keys(self::places(), '')
            + array_fill_keys(array_keys(KeptPeople::ABOUT), '');
    }

    /**
     * @param array<string, string> $typed
     */
    private function unit(array $typed): Unit
    {
        return 'in' === $typed['unit'] ? Unit::Inch : Unit::Centimetre;
    }

    /**
     * @param array<string, string>  $typed  for the person that is changed, or a new one
     * @param array<string, Message> $faults by field
     */
    private function page(
        Request $request,
        ?Person $changed,
        array $typed,
        array $faults,
        ?Person $putAway = null,
    ): Response {
        $typed['unit'] = LooseData::query($request)->like('unit', '/^.+$/D', $typed['unit']);

        return $this->render('people/people.html.twig', [
            'people' => $this->people->all(),
            'made' => $this->makings->byWhom($this->people->names()),
            'archived' => $this->people->all(archived: true),
            'places' => self::places(),
            'changed' => $changed,
            'typed' => $typed,
            'faults' => $faults,
            'unit' => $this->unit($typed),
            'now' => $this->clock->now(),
            'put_away' => $putAway,
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }
}
