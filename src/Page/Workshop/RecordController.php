<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Workshop;

use Rinkel\App\Platform\Http\Streamed;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Workshop\Deeds;
use Rinkel\App\Workshop\Workshop;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The record of who did what.
 */
final class RecordController extends AbstractController
{
    public function __construct(
        private readonly Deeds $deeds,
        private readonly Workshop $workshop,
    ) {}

    #[Route('/workshop/record', 'record', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = LooseData::query($request);
        $of = $asked->like('of', '/^[0-9a-f]{32}$/D');
        $many = $this->deeds->count($of);
        $pages = max(1, (int) ceil($many / Deeds::PAGE));
        $page = $asked->number('page', 1, $pages, 1);

        return $this->render('workshop/record.html.twig', [
            'deeds' => $this->deeds->page($of, $page),
            'members' => $this->workshop->members(),
            'of' => $of, 'page' => $page, 'pages' => $pages, 'many' => $many, 'days' => Deeds::DAYS,
        ]);
    }

    #[Route('/workshop/record.csv', 'record_csv', methods: 'GET')]
    public function csv(): Response
    {
        return Streamed::csv('rinkel-record.csv', $this->lines());
    }

    /**
     * @return iterable<list<string>>
     */
    private function lines(): iterable
    {
        yield ['at', 'who', 'what', 'thing', 'name', 'times'];
        foreach ($this->deeds->all() as $deed) {
            yield [
                gmdate('c', $deed->at()), $deed->who(), $deed->what(), $deed->thing(), $deed->name(),
                (string) $deed->times(),
            ];
        }
    }
}
