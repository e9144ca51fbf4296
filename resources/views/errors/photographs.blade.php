@extends('errors.page', ['status' => 503, 'heading' => say('pages.errors-photographs.do-not-answer')])

@section('said')
    The storage of the photographs does not answer; they can be seen again as soon as it does. None that was kept is
    lost, and everything else goes on.
@endsection
