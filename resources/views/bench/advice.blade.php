@php($advice = $page->advice())
@php($hookUps = $page->hookUps())
@include('bench.tabs')
@foreach ($advice->suspects() as $suspect)
    <p class="do-next is-over" data-suspect>{{ $advice->verdictWords->suspect($suspect) }}</p>
@endforeach
@include('bench.tab-'.$page->look->tab->value)
