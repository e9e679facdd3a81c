<nav class="tabs" aria-label="{{ __('page/bench.tabs.what_to_see') }}">
    @foreach (\App\Screens\Bench\Tab::cases() as $tab)
        <a href="?{{ http_build_query($page->look->query($tab)) }}#{{ $tab->value }}" @if ($page->look->tab === $tab) aria-current="page" @endif>{{ $tab->label() }}</a>
    @endforeach
</nav>
